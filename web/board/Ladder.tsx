import { memo } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../api/client'
import type { RungView } from './table'
import ladder from './Ladder.module.css'

const WORDS: Record<Schema['Rung']['verdict'], string> = {
  wins: 'gets the key',
  hidden: 'hidden',
  dead: 'dead',
  undecided: 'undecided',
  refused: 'file refused',
  typed: 'typed as text',
  unbound: 'nothing',
}

/** The rungs of a ladder that came with an answer of its own. */
export const rungsOf = (ladder: Schema['Ladder']): RungView[] =>
  ladder.rungs.map(({ context, binding, verdict, reason }) => ({
    context: context.name,
    contextId: context.id,
    command: binding?.command.name ?? null,
    commandId: binding?.command.id ?? null,
    verdict,
    reason,
  }))

interface Props {
  rungs: RungView[]
  title: string
  isCurrent?: boolean
  /** Where a rung leads, as an address; null where it leads nowhere. */
  leadsTo?: (rung: RungView) => string | null
}

/** Who gets the key: the rungs from the first that is asked to the last, the winner's solid, the beaten ones hatched. */
export const Ladder = memo(function Ladder({ rungs, title, isCurrent = false, leadsTo }: Props) {
  return (
    <figure className={ladder.ladder} data-current={isCurrent}>
      <figcaption>{title}</figcaption>
      <ol>
        {rungs.map((rung, index) => (
          <li key={index} data-verdict={rung.verdict}>
            <span className={ladder.rungContext}>{rung.context}</span>
            {rung.command !== null && <RungCommand name={rung.command} to={leadsTo?.(rung) ?? null} />}
            <span className={ladder.rungVerdict}>
              {rung.verdict === 'unbound' ? ': ' : ''}
              {WORDS[rung.verdict]}
            </span>
            {rung.verdict !== 'unbound' && rung.verdict !== 'wins' && <span className={ladder.rungReason}>{rung.reason}</span>}
          </li>
        ))}
      </ol>
    </figure>
  )
})

function RungCommand({ name, to }: { name: string; to: string | null }) {
  return to === null ? (
    <span className={ladder.rungCommand}>{name}</span>
  ) : (
    <Link className={ladder.rungCommand} to={to}>
      {name}
    </Link>
  )
}
