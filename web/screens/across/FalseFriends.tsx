import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { MendHere } from '../../keymap/MendHere'
import { ApplicationSelect } from '../../parts/AskedSelect'
import { Empty } from '../../parts/Empty'
import { useAddress } from '../../parts/useAddress'
import { useFalseFriends } from './queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import css from './across.module.css'
import table from '../../parts/table.module.css'

/** As many as one reads; the rest is asked for. */
const SHOWN = 12

const HARMS: Record<Schema['Harm'], string> = {
  'cannot-be-undone': 'cannot be undone',
  destroys: 'destroys',
  'loses-place': 'loses your place',
  harmless: 'harmless',
}

/** Chords that mislead somebody who knows them from elsewhere, by chord: what one expects, what happens instead, and the way out. */
export function FalseFriends() {
  const [read, write] = useAddress()
  const [from, to] = [read('knows'), read('at')]
  const asked = useFalseFriends(from, to)
  const [isAll, setAll] = useState(false)
  return (
    <>
      <div className={css.carry}>
        <label>
          My hands know{' '}
          <ApplicationSelect
            className="form-select form-select-sm"
            none="all of them"
            value={from}
            onChoose={(id) => write({ knows: id })}
          />
        </label>
        <label>
          and sit at{' '}
          <ApplicationSelect className="form-select form-select-sm" none="any of them" value={to} onChoose={(id) => write({ at: id })} />
        </label>
      </div>
      <Asking of={asked}>
        {({ chords }) =>
          chords.length === 0 ? (
            <Empty>
              <strong>No chord misleads here.</strong> Whatever one of these applications teaches the hands, the others do too, or nothing.
            </Empty>
          ) : (
            <>
              <p>{counted(chords)}</p>
              <table className={cx(table.findings, css.friends)}>
                <thead>
                  <tr>
                    <th scope="col">Chord</th>
                    <th scope="col">What you expect</th>
                    <th scope="col">What happens instead</th>
                    <th scope="col">
                      <span className="visually-hidden">Way out</span>
                    </th>
                  </tr>
                </thead>
                {chords.slice(0, isAll ? chords.length : SHOWN).map((one) => (
                  <ChordRows key={one.chord.id} of={one} />
                ))}
              </table>
              {!isAll && chords.length > SHOWN && (
                <button type="button" className="plain" onClick={() => setAll(true)}>
                  Show all {chords.length}
                </button>
              )}
            </>
          )
        }
      </Asking>
    </>
  )
}

/** The same of several. */
const MANY: Record<Schema['Harm'], string> = { ...HARMS, destroys: 'destroy', 'loses-place': 'lose your place' }

/** How many chords there are of each step of harm, in words. */
function counted(chords: Schema['MisleadingChord'][]): string {
  const steps = (Object.keys(HARMS) as Schema['Harm'][]).flatMap((harm) => {
    const count = chords.filter((one) => one.harm === harm).length
    return count === 0 ? [] : [`${count} ${count === 1 ? HARMS[harm] : MANY[harm]}`]
  })
  return `${chords.length === 1 ? 'One chord does' : `${chords.length} chords do`} something else than one expects: ${steps.join(', ')}.`
}

function ChordRows({ of: { chord, friends } }: { of: Schema['MisleadingChord'] }) {
  return (
    <tbody>
      {friends.map((friend, index) => (
        <FriendRow
          key={`${friend.instead.application.id} ${friend.instead.id}`}
          friend={friend}
          chord={chord}
          rows={index === 0 ? friends.length : 0}
        />
      ))}
    </tbody>
  )
}

interface RowProps {
  friend: Schema['FalseFriend']
  chord: Schema['Chord']
  /** Over how many rows the chord is written; 0 where it stands above already. */
  rows: number
}

function FriendRow({ friend: { harm, expected, instead, wanted_here: wantedHere }, chord, rows }: RowProps) {
  const [way, setWay] = useState<'give' | 'move' | null>(null)
  const here = instead.application
  return (
    <tr data-harm={harm}>
      {rows > 0 && (
        <th scope="rowgroup" rowSpan={rows}>
          <Keys chord={chord} />
        </th>
      )}
      <td>
        {byIntent(expected).map(([intent, applications]) => (
          <span key={intent} className={css.friend}>
            {intent} <span className="quiet">{applications.join(', ')}</span>
          </span>
        ))}
      </td>
      <td>
        <b className={css.harm}>{HARMS[harm]}: </b>
        <Link to={`/remap/${here.id}?command=${encodeURIComponent(instead.command.id)}&context=${instead.context.id}`}>
          {instead.command.name}
        </Link>{' '}
        <span className="quiet">
          {instead.context.name}, {here.name}. {instead.tooltip}.
        </span>
        {way === 'give' && wantedHere !== null && (
          <MendHere application={here} command={wantedHere} context={instead.context.id} chord={chord.id} />
        )}
        {way === 'move' && <MendHere application={here} command={instead.command} context={instead.context.id} />}
      </td>
      <td className={css.ways}>
        {wantedHere !== null && (
          <button type="button" className="plain" aria-expanded={way === 'give'} onClick={() => setWay(way === 'give' ? null : 'give')}>
            give it to {wantedHere.name}
            <span className="visually-hidden"> in {here.name}</span>
          </button>
        )}
        <button type="button" className="plain" aria-expanded={way === 'move'} onClick={() => setWay(way === 'move' ? null : 'move')}>
          move {instead.command.name}
        </button>
      </td>
    </tr>
  )
}

/** Which applications teach the hands which intent for the chord. */
function byIntent(sides: Schema['FriendSide'][]): [string, string[]][] {
  const found = new Map<string, Set<string>>()
  for (const { intent, application } of sides) found.set(intent ?? '', (found.get(intent ?? '') ?? new Set()).add(application.name))
  return [...found].map(([intent, applications]) => [intent, [...applications]])
}
