import { useWho } from '../../api/queries'
import { ladderOf, pressId, splitPress, type Table, type TableApplication } from '../../board/table'
import { Keys } from '../../parts/Keys'
import { Ladder } from '../../parts/Ladder'
import { ProblemNote } from '../../parts/ProblemNote'
import { KeyLayers } from './KeyLayers'

interface Props { table: Table; chord: string; application: TableApplication; place: number }

/** Ladders of one chord: a row for each application, a column for each place of the focus; and the other layers of its key. */
export function WhoGetsIt({ table, chord, application, place }: Props) {
  const who = useWho(chord)
  // A press that the page took is in the table; what was written otherwise is first read by the server.
  const isPress = chord.split('+').every((part, at, all) => at === all.length - 1 ? table.board.keys.some(({ key }) => key === part) : part !== 'Primary')
  const press = isPress ? chord : who.data?.presses[0]?.id
  const known = who.data !== undefined && (who.data.presses[0]?.id === press || !isPress) ? who.data : undefined
  if (press === undefined) return who.error === null ? null : <ProblemNote error={who.error} />
  const { layer, key } = splitPress(press)
  const at = pressId(layer, key)
  const name = table.board.keys.find((one) => one.key === key)
  const typed = table.typing[at]
  return (
    <>
      <p className="who-chord" role="status">
        {known !== undefined ? <Keys chord={known.chord} /> : <span className="keys"><kbd>{[...table.layers.find(({ id }) => id === layer)?.caps ?? [], name?.name ?? key].join(' ')}</kbd></span>}{' '}
        <span>{summary(table, at)}{typed !== undefined && typed.trim() !== '' && <span className="quiet"> Where text is entered it types {typed}.</span>}</span>
      </p>
      {known !== undefined && known.reach.kind !== 'as-written' && <p className="reach" data-kind={known.reach.kind}>{known.reach.sentence}</p>}
      {table.applications.map((one) => (
        <section key={one.id} className="who-application" aria-label={one.name}>
          <h2>{one.name} <small>keymap {one.keymap}</small></h2>
          <div className="ladders">
            {one.contexts.map((context, number) => (
              <Ladder key={context.id} rungs={ladderOf(one, at, number).rungs} title={`Focus in ${context.name}`} isCurrent={one.id === application.id && number === place} />
            ))}
          </div>
        </section>
      ))}
      {name !== undefined && <KeyLayers table={table} application={application} place={place} of={name} />}
    </>
  )
}

function summary(table: Table, press: string): string {
  return `${table.applications.map((application) => {
    const commands = new Set(application.contexts.flatMap((_, place) => ladderOf(application, press, place).winner?.name ?? []))
    return commands.size === 0 ? `does nothing in ${application.name}` : `${[...commands].join(', ')} in ${application.name}`
  }).join('; ')}.`
}
