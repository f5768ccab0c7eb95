import type { Schema } from '../api/client'

const WORDS: Record<Schema['Rung']['verdict'], string> = {
  wins: 'gets the key', hidden: 'hidden', dead: 'dead', refused: 'file refused', typed: 'typed as text', unbound: 'nothing',
}

/** Who gets the key: the rungs from the first that is asked to the last, the winner's solid, the beaten ones hatched. */
export function Ladder({ ladder, title }: { ladder: Schema['Ladder']; title: string }) {
  return (
    <figure className="ladder">
      <figcaption>{title}</figcaption>
      <ol>
        {ladder.rungs.map((rung, place) => (
          <li key={place} data-verdict={rung.verdict}>
            <span className="rung-context">{rung.context.name}</span>
            {rung.binding !== null && <span className="rung-command">{rung.binding.command.name}</span>}
            <span className="rung-verdict">{rung.verdict === 'unbound' ? ': ' : ''}{WORDS[rung.verdict]}</span>
            {rung.verdict !== 'unbound' && rung.verdict !== 'wins' && <span className="rung-reason">{rung.reason}</span>}
          </li>
        ))}
      </ol>
      <p className="visually-hidden">{ladder.sentence}</p>
    </figure>
  )
}
