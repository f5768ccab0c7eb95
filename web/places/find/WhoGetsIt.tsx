import type { Schema } from '../../api/client'
import { Keys } from '../../parts/Keys'
import { Ladder } from '../../parts/Ladder'

/** Ladders of one chord: a row for each application, a column for each place of the focus. */
export function WhoGetsIt({ who }: { who: Schema['Who'] }) {
  return (
    <>
      <p className="who-chord" role="status"><Keys chord={who.chord} /> <span>{summary(who)}</span></p>
      {who.applications.map((application) => (
        <section key={application.id} className="who-application" aria-label={application.name}>
          <h2>{application.name} <small>keymap {application.keymap}</small></h2>
          <div className="ladders">
            {application.ladders.map((ladder) => <Ladder key={ladder.focus.id} ladder={ladder} title={`Focus in ${ladder.focus.name}`} />)}
          </div>
        </section>
      ))}
    </>
  )
}

function summary(who: Schema['Who']): string {
  return who.applications.map(({ name, ladders }) => {
    const commands = new Set(ladders.flatMap(({ winner }) => winner === null ? [] : [winner.command.name]))
    return commands.size === 0 ? `does nothing in ${name}` : `${[...commands].join(', ')} in ${name}`
  }).join('; ')
}
