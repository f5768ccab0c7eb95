import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { Choice } from '../../parts/Choice'
import { Empty } from '../../parts/Empty'
import { Keys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { useCards } from './queries'
import css from './paper.module.css'

const FORMS = [
  { id: 'a4', name: 'a side of A4' },
  { id: 'a5', name: 'a side of A5' },
  { id: 'strip', name: 'a strip along the keyboard' },
  { id: 'stickers', name: 'stickers for key caps' },
  { id: 'phone', name: 'a phone' },
] as const

type Form = (typeof FORMS)[number]['id']

/** What is being learned, to lay beside the keyboard. */
export function PaperView() {
  const [read, write] = useAddress()
  const form: Form = FORMS.find(({ id }) => id === read('form'))?.id ?? 'a4'
  return (
    <>
      <div className={css.choices}>
        <Choice label="On " value={form} of={FORMS} onChange={(next) => write({ form: next === 'a4' ? '' : next })} />
        <button type="button" className="btn btn-sm btn-primary" onClick={() => window.print()}>
          Print
        </button>
        {(form === 'strip' || form === 'stickers') && <SheetLink form={form} />}
        {form === 'phone' && <span className="quiet">Open this page on the phone; it fits, and needs no controls.</span>}
      </div>
      <Asking of={useCards()}>
        {({ cards }) => {
          const open = cards.filter(({ box, chord }) => box !== null && chord !== null)
          if (open.length === 0)
            return (
              <Empty>
                <strong>Nothing is being learned.</strong> <Link to="/learn">Choose something</Link>; then it stands here, ready to print.
              </Empty>
            )
          return form === 'strip' || form === 'stickers' ? <Sheet form={form} /> : <List form={form} cards={open} />
        }}
      </Asking>
    </>
  )
}

/** The address of a drawing in true millimetres. */
function useSheet(form: 'strip' | 'stickers'): string {
  return `/api/learn/sheets/${form}?${new URLSearchParams({ ...useSeat() }).toString()}`
}

function SheetLink({ form }: { form: 'strip' | 'stickers' }) {
  return (
    <a href={useSheet(form)} download={`${form}.svg`}>
      As SVG, in true millimetres
    </a>
  )
}

function Sheet({ form }: { form: 'strip' | 'stickers' }) {
  const what = form === 'strip' ? 'A strip to lay along the keyboard, in pieces' : 'Stickers for key caps'
  return <img className={css.sheet} data-form={form} src={useSheet(form)} alt={what} />
}

function List({ form, cards }: { form: Form; cards: Schema['Card'][] }) {
  const groups = new Map<string, Schema['Card'][]>()
  for (const card of cards) {
    const where = `${card.application.name}, ${card.context.name}`
    groups.set(where, [...(groups.get(where) ?? []), card])
  }
  return (
    <div className={css.paper} data-form={form} data-many={cards.length > 90 ? 'very' : cards.length > 36 ? 'yes' : 'no'}>
      {[...groups].map(([where, some]) => (
        <section key={where} aria-label={where}>
          <h2>{where}</h2>
          <ul>
            {some.map((card) => (
              <li key={card.id}>
                {card.chord !== null && <Keys chord={card.chord} />}
                <span>
                  {card.gesture === 'hold' && 'hold: '}
                  {card.command.name}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}
