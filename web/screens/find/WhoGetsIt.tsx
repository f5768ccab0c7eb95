import { Fragment, memo, useDeferredValue } from 'react'
import { Link } from 'react-router'
import { holdOf, ladderOf, pressId, splitPress, type RungView, type Table, type TableApplication } from '../../board/table'
import { namesOf, spokenName } from '../../board/names'
import { Caps, Keys } from '../../parts/Keys'
import { Ladder } from '../../board/Ladder'
import { Asking } from '../../parts/Asking'
import { useStored, type Store } from '../../parts/store'
import { RESTS } from '../../parts/useAddress'
import { useSettled } from '../../parts/useSettled'
import { KeyLayers } from './KeyLayers'
import { rungLeadsTo, toChord } from './leads'
import { useSpelledChord } from './queries'
import css from './find.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  table: Table
  chord: Store<string>
  application: TableApplication
  context: number
  /** The answer in a sentence with the layers of the key, or the ladders of every application. */
  part: 'summary' | 'ladders'
  onLayer: (layer: string) => void
}

/** Ladders of one chord: a row for each application, a column for each context of the focus; and the other layers of its key. */
export const WhoGetsIt = memo(function WhoGetsIt(props: Props) {
  return props.part === 'summary' ? <Summary {...props} /> : <Below {...props} />
})

/** A press that the page took is in the table; what was written otherwise, such as a character, is first read by the server. */
const isPress = (table: Table, chord: string): boolean => {
  const parts = chord.split('+')
  const key = parts.pop()
  return !parts.includes('Primary') && table.board.keys.some((one) => one.key === key)
}

/** What the chord is as a press; null while the server reads it, or where it is none at this keyboard. */
function usePress(table: Table, chord: string): { press: string | null; who: ReturnType<typeof useSpelledChord> } {
  const isKnown = isPress(table, chord)
  const who = useSpelledChord(isKnown ? '' : chord)
  return { press: isKnown ? chord : who.isPlaceholderData ? null : (who.data?.presses[0]?.id ?? null), who }
}

/** The answer is painted before all that belongs to it. */
function Summary({ table, chord: store, application, context, onLayer }: Props) {
  const chord = useStored(store)
  const { press, who } = usePress(table, chord)
  if (press !== null)
    return (
      <>
        <Spelled table={table} chord={chord} press={press} />
        <Layers table={table} press={press} application={application} context={context} onLayer={onLayer} />
      </>
    )
  if (who.data === undefined || who.isPlaceholderData) return <Asking of={who}>{() => null}</Asking>
  return (
    <>
      <p className={css.whoChord} role="status">
        <Keys chord={who.data.chord} /> reaches nothing at this keyboard.
      </p>
      <p data-testid="reach" className={layout.reach}>
        {who.data.reach.sentence}
      </p>
    </>
  )
}

interface AnsweredProps extends Pick<Props, 'table' | 'application' | 'context'> {
  press: string
}

function Layers({ table, press, application, context, onLayer }: AnsweredProps & Pick<Props, 'onLayer'>) {
  const { key } = splitPress(useDeferredValue(press))
  const of = table.board.keys.find((one) => one.key === key)
  return of !== undefined && <KeyLayers table={table} application={application} context={context} of={of} onLayer={onLayer} />
}

/** The ladders stand below the board, and follow when the hand rests. */
function Below({ table, chord: store, application, context }: Props) {
  const { press } = usePress(table, useSettled(useStored(store), RESTS))
  return (
    press !== null && (
      <div data-testid="ladders" data-press={press}>
        <Ladders table={table} press={press} application={application} context={context} />
      </div>
    )
  )
}

/** The chord in caps, what it does in a sentence, and whether this keyboard can press it as it is written. */
function Spelled({ table, chord, press }: { table: Table; chord: string; press: string }) {
  const settled = useSettled(chord)
  const { data, isPlaceholderData } = useSpelledChord(settled)
  const told = isPlaceholderData || settled !== chord ? undefined : data
  const { layer, key } = splitPress(press)
  const caps = [...(table.layers.find(({ id }) => id === layer)?.caps ?? []), table.board.keys.find((one) => one.key === key)?.name ?? key]
  const typed = table.typing[pressId(layer, key)]
  return (
    <>
      <p className={css.whoChord} role="status" data-testid="who-chord" data-press={press}>
        {told !== undefined ? <Keys chord={told.chord} /> : <Caps caps={caps} />}{' '}
        <span>
          {summary(table, pressId(layer, key))}
          {typed !== undefined && typed.trim() !== '' && <span className="quiet"> Where text is entered it types {typed}.</span>}
        </span>
      </p>
      {table.reserved_by_browser[press] !== undefined && (
        <p data-testid="reach" className={layout.reach} data-kind="reserved">
          Pressed in this page, it {table.reserved_by_browser[press]}: the browser takes it. A click on the board does not.
        </p>
      )}
      {told !== undefined && told.reach.kind !== 'as-written' && (
        <p data-testid="reach" className={layout.reach} data-kind={told.reach.kind}>
          {told.reach.sentence}
        </p>
      )}
    </>
  )
}

/** What nobody has is one line. */
const Ladders = memo(function Ladders({ table, press, application, context }: AnsweredProps) {
  const has = (one: TableApplication) => runsSomewhere(one, press)
  const idle = table.applications.filter((one) => !has(one))
  return (
    <>
      {table.applications.filter(has).map((one) => (
        <ApplicationLadders key={one.id} of={one} press={press} context={one.id === application.id ? context : null} />
      ))}
      {idle.length > 0 && (
        <p data-testid="idle" className={css.idle}>
          Nothing in{' '}
          {idle.map(({ id, name }, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <Link to={toChord(id, press, '')}>{name}</Link>
            </span>
          ))}
          .
        </p>
      )}
    </>
  )
})

const runsIn = (of: TableApplication, press: string, index: number): boolean =>
  ladderOf(of, press, index).rungs.some(({ command }) => command !== null) || holdOf(of, press, index)?.winner != null

function runsSomewhere(of: TableApplication, press: string): boolean {
  const { layer, key } = splitPress(press)
  return of.contexts.some((_, index) => runsIn(of, pressId(layer, key), index))
}

/** @param context of the focus that is looked at; null in the other applications */
const ApplicationLadders = memo(function ApplicationLadders({
  of,
  press,
  context,
}: {
  of: TableApplication
  press: string
  context: number | null
}) {
  const { layer, key } = splitPress(press)
  const at = pressId(layer, key)
  const idle = of.contexts.filter((_, index) => !runsIn(of, at, index))
  const leadsTo = (rung: RungView) => rungLeadsTo(of.id, rung)
  return (
    <section className={css.whoApplication} aria-label={of.name}>
      <h2>
        {of.name} <small>{of.keymap}</small>
      </h2>
      <div className={css.ladders}>
        {of.contexts.map((focus, index) => {
          const held = holdOf(of, at, index)
          const isCurrent = index === context
          return (
            runsIn(of, at, index) && (
              <Fragment key={focus.id}>
                <Ladder rungs={ladderOf(of, at, index).rungs} title={`Focus in ${focus.name}`} isCurrent={isCurrent} leadsTo={leadsTo} />
                {held?.winner != null && (
                  <Ladder rungs={held.rungs} title={`Held, focus in ${focus.name}`} isCurrent={isCurrent} leadsTo={leadsTo} />
                )}
              </Fragment>
            )
          )
        })}
      </div>
      {idle.length > 0 && <p className="quiet">Nothing with the focus in {idle.map(({ name }) => name).join(', ')}.</p>}
    </section>
  )
})

/** What the press does, an application after the other; those that do nothing with it are named together. */
function summary(table: Table, press: string): string {
  const ran = table.applications.map((application) => {
    const names = application.contexts.flatMap((_, context) => namesOf(application, press, context).map(spokenName))
    return { in: application.name, names: [...new Set(names)] }
  })
  const does = ran.filter(({ names }) => names.length > 0).map((one) => `${one.names.join(' or ')} in ${one.in}`)
  const idle = ran.filter(({ names }) => names.length === 0).map((one) => one.in)
  const parts = [...does, ...(idle.length === 0 ? [] : [`does nothing in ${idle.join(', ')}`])]
  return `${parts.join('; ')}.`
}
