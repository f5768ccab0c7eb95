import type { KeyboardEvent } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { HeldKeys, KeysList } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import { counted } from '../../parts/counted'
import { toRemap } from './leads'
import css from './find.module.css'
import { Empty } from '../../parts/Empty'
import layout from '../../parts/layout.module.css'
import stripes from '../../parts/stripes.module.css'

type Answer = Schema['Answer']
type Hit = Schema['Hit']

const hitLeadsTo = ({ application, command, context }: Hit): string => toRemap(application.id, command.id, context.id)

/** Where the first command of an answer leads; null where there is none. */
export function leadOf({ hits }: Answer): string | null {
  return hits[0] === undefined ? null : hitLeadsTo(hits[0])
}

interface Props {
  words: string
  found: Schema['Answers']
  isByMenu: boolean
  /** When the arrows lead out of the answers, back to the field. */
  onLeave: () => void
}

/** What was found, as stripes or by menu. Arrows move over the answers; up from the first leads back to the field. */
export function Answers({ words, found, isByMenu, onLeave }: Props) {
  const { answers } = found
  if (answers.length === 0) {
    return (
      <Empty>
        <strong>Nothing is called “{words}”.</strong> Try one word less, or what another trade says: split, razor and cut find the same
        commands.
      </Empty>
    )
  }
  return (
    <>
      <p className={css.count} role="status">
        {counted(answers.length, 'answer')}. <span className="quiet">Enter takes the first; arrows choose.</span>
      </p>
      {isByMenu ? <ByMenu found={found} onLeave={onLeave} /> : <ByIntent found={found} onLeave={onLeave} />}
    </>
  )
}

/** Moves the focus between the links of rows with the arrow keys. */
function moveInRows(event: KeyboardEvent<HTMLElement>, onLeave: () => void): void {
  const link = (event.target as Element).closest('a')
  const rows = [...event.currentTarget.querySelectorAll('[data-row]')].filter((row) => row.querySelector('a') !== null)
  const row = rows.findIndex((one) => one.contains(link))
  const links = [...(rows[row]?.querySelectorAll('a') ?? [])]
  const at = links.findIndex((one) => one === link)
  if (link === null || row < 0) return
  const to = (next: Element | undefined, index: number) => {
    const inNext = [...(next?.querySelectorAll('a') ?? [])]
    return inNext[Math.min(index, inNext.length - 1)]
  }
  const leads: Record<string, () => HTMLAnchorElement | undefined> = {
    ArrowDown: () => to(rows[row + 1], at),
    ArrowUp: () => to(rows[row - 1], at),
    ArrowRight: () => links[at + 1],
    ArrowLeft: () => links[at - 1],
  }
  const lead = leads[event.key]
  if (event.key === 'Escape' || (event.key === 'ArrowUp' && row === 0)) {
    event.preventDefault()
    onLeave()
  } else if (lead !== undefined) {
    event.preventDefault()
    lead()?.focus()
  }
}

type GroupProps = Pick<Props, 'found' | 'onLeave'>

/** An intent a row, an application a column, and cells with the same chord run together. */
function ByIntent({ found: { answers, applications }, onLeave }: GroupProps) {
  return (
    // The links inside are the controls; the table only hears the arrows that come up from them.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <table className={cx(stripes.stripes, stripes.answers)} onKeyDown={(event) => moveInRows(event, onLeave)}>
      <thead>
        <tr>
          <th scope="col">Intent</th>
          {applications.map(({ id, name }) => (
            <th scope="col" key={id}>
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {answers.map((answer) => (
          <AnswerRow key={answer.intent?.id ?? answer.hits[0]?.command.id} answer={answer} applications={applications} />
        ))}
      </tbody>
    </table>
  )
}

function AnswerRow({ answer, applications }: { answer: Answer; applications: Schema['Named'][] }) {
  return (
    <tr data-row data-state={answer.state}>
      <th scope="row">
        {answer.intent?.name ?? answer.hits[0]?.command.name}
        {answer.intent !== null && answer.intent.synonyms.length > 0 && (
          <span className={css.also}>{answer.intent.synonyms.join(', ')}</span>
        )}
      </th>
      {applications.map(({ id, name }, index) => {
        const hits = answer.hits.filter(({ application }) => application.id === id)
        const right = applications[index + 1]
        return (
          <td
            key={id}
            data-of={name}
            data-bound={(hits[0]?.chords.length ?? 0) > 0}
            data-runs-on={answer.runs_on.includes(id)}
            data-runs-into={right !== undefined && answer.runs_on.includes(right.id)}
          >
            {hits.length === 0 ? (
              <span className={cx(stripes.stripeCell, stripes.none)}>
                —<span className="visually-hidden"> no such command</span>
              </span>
            ) : (
              hits.map((hit) => <HitCell key={hit.command.id} hit={hit} />)
            )}
          </td>
        )
      })}
    </tr>
  )
}

function HitCell({ hit }: { hit: Hit }) {
  const where = [
    hit.context.name,
    hit.menu.length > 1 ? `${hit.menu.slice(0, -1).join(' › ')} menu` : '',
    hit.is_menu_only ? 'menu only' : '',
    hit.is_changed ? 'changed' : '',
  ]
  return (
    <Link className={stripes.stripeCell} to={hitLeadsTo(hit)} title={hit.tooltip}>
      <HitKeys hit={hit} />
      <span className={stripes.stripeCommand}>
        <b>{hit.command.name}</b> <span className={layout.hitWhere}>{where.filter((one) => one !== '').join(' · ')}</span>
        <span className="visually-hidden"> in {hit.application.name}</span>
      </span>
    </Link>
  )
}

function HitKeys({ hit }: { hit: Hit }) {
  return hit.holds.length === 0 ? <KeysList chords={hit.chords} /> : <HeldKeys taps={hit.chords} holds={hit.holds} />
}

/** The menus in which the commands stand, an application after the other; what stands in no menu comes last. */
function ByMenu({ found: { answers, applications }, onLeave }: GroupProps) {
  const hits = answers.flatMap((answer) => answer.hits)
  return (
    // The links inside are the controls; the frame only hears the arrows that come up from them.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div onKeyDown={(event) => moveInRows(event, onLeave)}>
      {applications.map(({ id, name }) => {
        const here = hits.filter(({ application }) => application.id === id)
        const menus = [...new Set(here.map(({ menu }) => menu.slice(0, -1).join(' › ')))].sort((one, other) => one.localeCompare(other))
        return (
          <section key={id} className={css.byMenu} aria-label={name}>
            <h2>{name}</h2>
            {menus.map((menu) => (
              <div key={menu}>
                <h3>{menu === '' ? 'in no menu' : menu}</h3>
                <ul>
                  {here
                    .filter((hit) => hit.menu.slice(0, -1).join(' › ') === menu)
                    .map((hit) => (
                      <li key={hit.command.id} data-row>
                        <Link to={hitLeadsTo(hit)} title={hit.tooltip}>
                          <b>{hit.command.name}</b> <HitKeys hit={hit} /> <span className={layout.hitWhere}>{hit.context.name}</span>
                        </Link>
                      </li>
                    ))}
                </ul>
              </div>
            ))}
          </section>
        )
      })}
    </div>
  )
}
