import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Empty } from '../../parts/Empty'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { day } from '../../parts/when'
import { AddCard } from './AddCard'
import { useBeginDrill, useDropCard, useTakeInCards } from './mutations'
import { useCards } from './queries'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'
import css from './learn.module.css'

/** Everything that is being learned, with its box and when it comes again. */
export function CardsView() {
  const take = useTakeInCards()
  return (
    <>
      <Asking of={useCards()}>
        {({ cards }) =>
          cards.length === 0 ? (
            <Empty>
              <strong>Nothing is being learned yet.</strong> Choose something <Link to="/learn">worth learning</Link>, any chord below, or
              take in cards that you have exported.
            </Empty>
          ) : (
            <CardTable cards={cards} />
          )
        }
      </Asking>
      <h2>Learn another chord</h2>
      <AddCard />
      <p className={css.turns}>
        <a href="/api/learn/cards.json" download>
          Export all cards
        </a>{' '}
        <label className={css.takeIn}>
          Take in exported cards{' '}
          <input
            type="file"
            accept=".json,application/json"
            className="form-control form-control-sm"
            disabled={take.isSending}
            onChange={(event) => {
              const file = event.target.files?.[0]
              if (file !== undefined) take.send(file)
              event.target.value = ''
            }}
          />
        </label>
      </p>
      <ProblemNote error={take.error} />
    </>
  )
}

function CardTable({ cards }: { cards: Schema['Card'][] }) {
  const [read, write] = useAddress()
  const drill = useBeginDrill()
  const drop = useDropCard()
  const where = read('where')
  const groups = [
    ...new Map(cards.map(({ application, context }) => [whereOf({ application, context }), { application, context }])).entries(),
  ]
  const chosen = groups.find(([id]) => id === where)?.[1]
  const shown = cards.filter((card) => chosen === undefined || whereOf(card) === where)
  const due = shown.filter(({ is_due: isDue, chord }) => isDue && chord !== null).length
  const of = due > 0 ? ('due' as const) : ('ahead' as const)
  return (
    <>
      <div className={layout.filters} role="group" aria-label="Where">
        <button type="button" className="plain" aria-pressed={chosen === undefined} onClick={() => write({ where: '' })}>
          everywhere
        </button>
        {groups.map(([id, { application, context }]) => (
          <button key={id} type="button" className="plain" aria-pressed={where === id} onClick={() => write({ where: id })}>
            {application.name}, {context.name}
          </button>
        ))}
      </div>
      <p className={css.turns}>
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={drill.isSending || shown.every(({ box }) => box === null)}
          onClick={() => drill.send({ of, application: chosen?.application.id ?? null, context: chosen?.context.id ?? null })}
        >
          {due > 0 ? `Practise ${counted(due, 'card')} that ${due === 1 ? 'is' : 'are'} due` : 'Practise ahead'}
        </button>
      </p>
      <ProblemNote error={drill.error ?? drop.error} />
      <table className={table.findings}>
        <thead>
          <tr>
            <th scope="col">Command</th>
            <th scope="col">Chord</th>
            <th scope="col">Box</th>
            <th scope="col">Comes again</th>
            <th scope="col">Asked, missed</th>
            <th scope="col">
              <span className="visually-hidden">Take away</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((card) => (
            <tr key={card.id}>
              <td>
                {card.command.name}{' '}
                <span className="quiet">
                  {card.application.name}, {card.context.name}
                </span>
              </td>
              <td>
                {card.gesture === 'hold' && 'hold '}
                {card.chord === null ? <em>no chord any more</em> : <Keys chord={card.chord} />}
              </td>
              <td>{card.box === null ? 'learned' : `box ${card.box}`}</td>
              <td>
                {card.is_forgotten ? (
                  <strong>done by mouse again</strong>
                ) : card.is_due ? (
                  <strong>now</strong>
                ) : card.due_at === null ? (
                  ''
                ) : (
                  day(card.due_at)
                )}
              </td>
              <td className={css.number}>
                {card.asked}, {card.missed}
              </td>
              <td>
                <button type="button" className="plain" disabled={drop.isSending} onClick={() => drop.send(card.id)}>
                  Take away<span className="visually-hidden"> {card.command.name}</span>
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}

const whereOf = ({ application, context }: Pick<Schema['Card'], 'application' | 'context'>): string => `${application.id} ${context.id}`
