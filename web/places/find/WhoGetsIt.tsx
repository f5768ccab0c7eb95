import { memo, useDeferredValue } from 'react'
import { useWho } from '../../api/queries'
import { holdOf, ladderOf, pressId, splitPress, type Table, type TableApplication } from '../../board/table'
import { Keys } from '../../parts/Keys'
import { Ladder } from '../../parts/Ladder'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSettled } from '../../parts/useSettled'
import { KeyLayers } from './KeyLayers'

interface Props { table: Table; chord: string; application: TableApplication; place: number }

/** Ladders of one chord: a row for each application, a column for each place of the focus; and the other layers of its key. */
export const WhoGetsIt = memo(function WhoGetsIt({ table, chord, application, place }: Props) {
  return isPress(table, chord)
    ? <><Spelled table={table} chord={chord} press={chord} /><Ladders table={table} press={chord} application={application} place={place} /></>
    : <Written table={table} chord={chord} application={application} place={place} />
})

/** A press that the page took is in the table; what was written otherwise, such as a character, is first read by the server. */
const isPress = (table: Table, chord: string): boolean => {
  const parts = chord.split('+')
  const key = parts.pop()
  return !parts.includes('Primary') && table.board.keys.some((one) => one.key === key)
}

function Written({ table, chord, application, place }: Props) {
  const who = useWho(chord)
  const press = who.data?.presses[0]?.id
  if (who.data === undefined || who.isPlaceholderData) return who.error === null ? null : <ProblemNote error={who.error} />
  return press === undefined
    ? <><p className="who-chord" role="status"><Keys chord={who.data.chord} /> reaches nothing at this keyboard.</p><p className="reach">{who.data.reach.sentence}</p></>
    : <><Spelled table={table} chord={chord} press={press} /><Ladders table={table} press={press} application={application} place={place} /></>
}

/** The chord in caps, what it does in a sentence, and whether this keyboard can press it as it is written. */
function Spelled({ table, chord, press }: { table: Table; chord: string; press: string }) {
  const settled = useSettled(chord)
  const { data, isPlaceholderData } = useWho(settled)
  const told = isPlaceholderData || settled !== chord ? undefined : data
  const { layer, key } = splitPress(press)
  const caps = [...table.layers.find(({ id }) => id === layer)?.caps ?? [], table.board.keys.find((one) => one.key === key)?.name ?? key]
  const typed = table.typing[pressId(layer, key)]
  return (
    <>
      <p className="who-chord" role="status" data-press={press}>
        {told !== undefined ? <Keys chord={told.chord} /> : <span className="keys">{caps.map((cap, at) => <kbd key={at}>{cap}</kbd>)}</span>}{' '}
        <span>{summary(table, pressId(layer, key))}{typed !== undefined && typed.trim() !== '' && <span className="quiet"> Where text is entered it types {typed}.</span>}</span>
      </p>
      {table.kept_by_browser[press] !== undefined && <p className="reach" data-kind="kept">Pressed in this page, it {table.kept_by_browser[press]}: the browser takes it. A click on the board does not.</p>}
      {told !== undefined && told.reach.kind !== 'as-written' && <p className="reach" data-kind={told.reach.kind}>{told.reach.sentence}</p>}
    </>
  )
}

/** The application that is looked at answers at once; the others and the layers of the key follow as soon as that is painted. */
function Ladders({ table, press, application, place }: { table: Table; press: string; application: TableApplication; place: number }) {
  const settled = useDeferredValue(press)
  const key = table.board.keys.find((one) => one.key === splitPress(settled).key)
  return (
    <>
      {table.applications.map((one) => (
        <ApplicationLadders key={one.id} of={one} press={one.id === application.id ? press : settled} place={one.id === application.id ? place : null} />
      ))}
      {key !== undefined && <KeyLayers table={table} application={application} place={place} of={key} />}
    </>
  )
}

/** @param place of the focus that is looked at; null in the other applications */
const ApplicationLadders = memo(function ApplicationLadders({ of, press, place }: { of: TableApplication; press: string; place: number | null }) {
  const { layer, key } = splitPress(press)
  const at = pressId(layer, key)
  return (
    <section className="who-application" aria-label={of.name}>
      <h2>{of.name} <small>keymap {of.keymap}</small></h2>
      <div className="ladders">
        {of.contexts.map((context, number) => (
          <Ladder key={context.id} rungs={ladderOf(of, at, number).rungs} title={`Focus in ${context.name}`} isCurrent={number === place} />
        ))}
        {of.contexts.map((context, number) => {
          const held = holdOf(of, at, number)
          return held?.winner == null ? null : <Ladder key={`held ${context.id}`} rungs={held.rungs} title={`Held, focus in ${context.name}`} isCurrent={number === place} />
        })}
      </div>
    </section>
  )
})

function summary(table: Table, press: string): string {
  return `${table.applications.map((application) => {
    const commands = new Set(application.contexts.flatMap((_, place) => ladderOf(application, press, place).winner?.name ?? []))
    return commands.size === 0 ? `does nothing in ${application.name}` : `${[...commands].join(', ')} in ${application.name}`
  }).join('; ')}.`
}
