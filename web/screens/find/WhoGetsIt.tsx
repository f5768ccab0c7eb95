import { Fragment, memo, useDeferredValue } from 'react'
import { Link } from 'react-router'
import { holdOf, ladderOf, pressId, splitPress, type RungView, type Table, type TableApplication } from '../../board/table'
import { namesOf, spokenName } from '../../board/names'
import { Caps, Keys } from '../../parts/Keys'
import { Ladder } from '../../board/Ladder'
import { Asking } from '../../parts/Asking'
import { useSettled } from '../../parts/useSettled'
import { KeyLayers } from './KeyLayers'
import { rungLeadsTo, toChord } from './leads'
import { useSpelledChord } from './queries'
import css from './find.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  table: Table
  chord: string
  application: TableApplication
  context: number
  /** The answer in a sentence with the layers of the key, or the ladders of every application. */
  part: 'summary' | 'ladders'
  onLayer: (layer: string) => void
}

/** Ladders of one chord: a row for each application, a column for each context of the focus; and the other layers of its key. */
export const WhoGetsIt = memo(function WhoGetsIt(props: Props) {
  const { table, chord } = props
  return isPress(table, chord) ? <Answered {...props} press={chord} /> : <Written {...props} />
})

/** A press that the page took is in the table; what was written otherwise, such as a character, is first read by the server. */
const isPress = (table: Table, chord: string): boolean => {
  const parts = chord.split('+')
  const key = parts.pop()
  return !parts.includes('Primary') && table.board.keys.some((one) => one.key === key)
}

function Written(props: Props) {
  const who = useSpelledChord(props.chord)
  const press = who.data?.presses[0]?.id
  if (who.data === undefined || who.isPlaceholderData) return props.part === 'ladders' ? null : <Asking of={who}>{() => null}</Asking>
  if (press !== undefined) return <Answered {...props} press={press} />
  return props.part === 'ladders' ? null : (
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

function Answered({ table, chord, press, application, context, part, onLayer }: Props & { press: string }) {
  if (part === 'ladders') return <Ladders table={table} press={press} application={application} context={context} />
  const key = table.board.keys.find((one) => one.key === splitPress(press).key)
  return (
    <>
      <Spelled table={table} chord={chord} press={press} />
      {key !== undefined && <KeyLayers table={table} application={application} context={context} of={key} onLayer={onLayer} />}
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

interface LaddersProps {
  table: Table
  press: string
  application: TableApplication
  context: number
}

/** The application that is looked at answers at once; the others follow as soon as that is painted. What nobody has is one line. */
function Ladders({ table, press, application, context }: LaddersProps) {
  const settled = useDeferredValue(press)
  const has = (one: TableApplication) => runsSomewhere(one, one.id === application.id ? press : settled)
  const idle = table.applications.filter((one) => !has(one))
  return (
    <>
      {table.applications.filter(has).map((one) => (
        <ApplicationLadders
          key={one.id}
          of={one}
          press={one.id === application.id ? press : settled}
          context={one.id === application.id ? context : null}
        />
      ))}
      {idle.length > 0 && (
        <p data-testid="idle" className={css.idle}>
          Nothing in{' '}
          {idle.map(({ id, name }, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <Link to={toChord(id, settled, '')}>{name}</Link>
            </span>
          ))}
          .
        </p>
      )}
    </>
  )
}

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
