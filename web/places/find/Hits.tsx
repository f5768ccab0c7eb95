import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { KeysList } from '../../parts/Keys'

type Hit = Schema['Hit']

/** Hits of one intent stand together; a command without an intent stands alone. */
function byIntent(hits: Hit[]): [string, Hit[]][] {
  const groups = Map.groupBy(hits, (hit) => hit.intent?.name ?? hit.command.name)
  return [...groups.entries()]
}

export function Hits({ words, hits }: { words: string; hits: Hit[] }) {
  if (hits.length === 0) {
    return (
      <div className="empty" role="status">
        <p><strong>Nothing is called “{words}”.</strong> Try one word less, or what another trade calls it: split, razor and cut find the same commands.</p>
      </div>
    )
  }
  return (
    <>
      <p className="visually-hidden" role="status">{hits.length} commands found</p>
      <ol className="hits">
        {byIntent(hits).map(([intent, group]) => (
          <li key={intent}>
            <h2>{intent}</h2>
            <ul>
              {group.map((hit) => (
                <li key={`${hit.application.id} ${hit.command.id}`}>
                  <Link className="hit" to={`/remap/${hit.application.id}?command=${hit.command.id}`}>
                    <span className="hit-application">{hit.application.name}</span>
                    <span className="hit-name">{hit.command.name}</span>
                    <KeysList chords={hit.chords} />
                    <span className="hit-where">{hit.context.name}{hit.menu.length > 1 && ` · menu ${hit.menu.slice(0, -1).join(' › ')}`} · by {hit.because}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </>
  )
}
