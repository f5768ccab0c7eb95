import { memo, useDeferredValue } from 'react'
import { holdOf, ladderOf, pressId, splitPress, type Table, type TableApplication } from '../../board/table'
import { Caps, Keys } from '../../parts/Keys'
import { Ladder } from '../../board/Ladder'
import { Asking } from '../../parts/Asking'
import { useSettled } from '../../parts/useSettled'
import { KeyLayers } from './KeyLayers'
import { useSpelledChord } from './queries'
import css from './find.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  table: Table
  chord: string
  application: TableApplication
  context: number
}

/** Ladders of one chord: a row for each application, a column for each context of the focus; and the other layers of its key. */
export const WhoGetsIt = memo(function WhoGetsIt({ table, chord, application, context }: Props) {
  return isPress(table, chord) ? (
    <>
      <Spelled table={table} chord={chord} press={chord} />
      <Ladders table={table} press={chord} application={application} context={context} />
    </>
  ) : (
    <Written table={table} chord={chord} application={application} context={context} />
  )
})

/** A press that the page took is in the table; what was written otherwise, such as a character, is first read by the server. */
const isPress = (table: Table, chord: string): boolean => {
  const parts = chord.split('+')
  const key = parts.pop()
  return !parts.includes('Primary') && table.board.keys.some((one) => one.key === key)
}

function Written({ table, chord, application, context }: Props) {
  const who = useSpelledChord(chord)
  const press = who.data?.presses[0]?.id
  if (who.data === undefined || who.isPlaceholderData) return <Asking of={who}>{() => null}</Asking>
  return press === undefined ? (
    <>
      <p className={css.whoChord} role="status">
        <Keys chord={who.data.chord} /> reaches nothing at this keyboard.
      </p>
      <p data-testid="reach" className={layout.reach}>
        {who.data.reach.sentence}
      </p>
    </>
  ) : (
    <>
      <Spelled table={table} chord={chord} press={press} />
      <Ladders table={table} press={press} application={application} context={context} />
    </>
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

/** The application that is looked at answers at once; the others and the layers of the key follow as soon as that is painted. */
function Ladders({ table, press, application, context }: { table: Table; press: string; application: TableApplication; context: number }) {
  const settled = useDeferredValue(press)
  const key = table.board.keys.find((one) => one.key === splitPress(settled).key)
  return (
    <>
      {table.applications.map((one) => (
        <ApplicationLadders
          key={one.id}
          of={one}
          press={one.id === application.id ? press : settled}
          context={one.id === application.id ? context : null}
        />
      ))}
      {key !== undefined && <KeyLayers table={table} application={application} context={context} of={key} />}
    </>
  )
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
  return (
    <section className={css.whoApplication} aria-label={of.name}>
      <h2>
        {of.name} <small>keymap {of.keymap}</small>
      </h2>
      <div className={css.ladders}>
        {of.contexts.map((focus, index) => (
          <Ladder key={focus.id} rungs={ladderOf(of, at, index).rungs} title={`Focus in ${focus.name}`} isCurrent={index === context} />
        ))}
        {of.contexts.map((focus, index) => {
          const held = holdOf(of, at, index)
          return held?.winner == null ? null : (
            <Ladder key={`held ${focus.id}`} rungs={held.rungs} title={`Held, focus in ${focus.name}`} isCurrent={index === context} />
          )
        })}
      </div>
    </section>
  )
})

function summary(table: Table, press: string): string {
  return `${table.applications
    .map((application) => {
      const commands = new Set(application.contexts.flatMap((_, context) => ladderOf(application, press, context).winner?.name ?? []))
      return commands.size === 0 ? `does nothing in ${application.name}` : `${[...commands].join(', ')} in ${application.name}`
    })
    .join('; ')}.`
}
