import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Schema } from '../../api/client'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Keys } from '../../parts/Keys'
import { Ladder, rungsOf } from '../../board/Ladder'
import { SuiteChecks } from '../../parts/Checks'
import css from './remap.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  application: string
  remap: Schema['Remap']
  /** Whether the chord was given here and now: then the first way has the focus. */
  isGiven: boolean
  suites: string
  onSuites: (suites: string) => void
  onChord: (chord: string) => void
  onTake: (choice: Schema['Choice']) => void
}

/** What the wanted chord would mean, or the free ones while none is wanted. */
export function WantedPanel({ application, remap, isGiven, suites, onSuites, onChord, onTake }: Props) {
  const { wanted } = remap
  return (
    <section aria-label={`Chords of ${remap.command.name}`}>
      {wanted === null && <Offers offers={remap.offers} suites={suites} onSuites={onSuites} onChord={onChord} />}
      {wanted !== null && wanted.reach.kind !== 'as-written' && (
        <p data-testid="reach" className={layout.reach} data-kind={wanted.reach.kind}>
          {wanted.reach.sentence}
        </p>
      )}
      {wanted !== null && wanted.is_already_so && (
        <p className={css.verdict} role="status">
          <Keys chord={wanted.chord} /> runs {remap.command.name} in {remap.context.name} already.
        </p>
      )}
      {wanted?.unsayable != null && (
        <p className={css.verdict} role="status">
          <Keys chord={wanted.chord} /> cannot be had: {wanted.unsayable}
        </p>
      )}
      {wanted !== null && !wanted.is_already_so && wanted.unsayable === null && (
        <Choices key={wanted.chord.id} application={application} wanted={wanted} isGiven={isGiven} onTake={onTake} />
      )}
      {wanted !== null && (wanted.holders.length > 0 || wanted.unsayable !== null) && (
        <OffersInstead offers={remap.offers.slice(0, 5)} onChord={onChord} />
      )}
    </section>
  )
}

interface ChoicesProps {
  application: string
  wanted: Schema['Wanted']
  isGiven: boolean
  onTake: (choice: Schema['Choice']) => void
}

/** The ways to the chord, numbered: Enter takes the first, a digit its own. */
function Choices({ application, wanted, isGiven, onTake }: ChoicesProps) {
  const list = useRef<HTMLUListElement>(null)
  const holders = wanted.holders.map((one) => `${one.command.name} in ${one.context.name}`)
  const neighbours = wanted.neighbours.map((one) => `${one.command.name} in ${one.context.name}`)
  useEffect(() => {
    if (isGiven) list.current?.querySelector('button')?.focus({ preventScroll: true })
  }, [isGiven])

  const move = (event: KeyboardEvent<HTMLElement>) => {
    const buttons = [...(list.current?.querySelectorAll<HTMLButtonElement>('li > button') ?? [])]
    const at = buttons.findIndex((one) => one === document.activeElement)
    const step = event.key === 'ArrowDown' || event.key === 'ArrowRight' ? 1 : event.key === 'ArrowUp' || event.key === 'ArrowLeft' ? -1 : 0
    const numbered = wanted.choices[Number(event.key) - 1]
    if (numbered !== undefined && event.key !== '') {
      event.preventDefault()
      onTake(numbered)
    } else if (step !== 0 && at >= 0) {
      event.preventDefault()
      buttons[Math.max(0, Math.min(at + step, buttons.length - 1))]?.focus()
    }
  }

  return (
    <>
      <p className={css.verdict} role="status">
        {holders.length === 0 ? (
          <>
            Nobody holds <Keys chord={wanted.chord} /> here.
          </>
        ) : (
          <>
            <Keys chord={wanted.chord} /> belongs to <strong>{holders.join(' and ')}</strong>.
          </>
        )}
        {neighbours.length > 0 &&
          (application === 'desktop' ? (
            <>
              {' '}
              The desktop would take it from <strong>{neighbours.join(' and ')}</strong>.
            </>
          ) : (
            <> Around it: {neighbours.join(', ')}.</>
          ))}
      </p>
      {wanted.destroys_elsewhere.length > 0 && (
        <p className={css.elsewhere}>
          The same chord destroys elsewhere:{' '}
          {wanted.destroys_elsewhere
            .map(({ application: other, binding }) => `${binding.command.name} in ${other.name} (${binding.context.name})`)
            .join(', ')}
          .
        </p>
      )}
      {/* The buttons inside are the controls; the list only hears the keys that come up from them. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions */}
      <ul className={layout.choices} ref={list} onKeyDown={move}>
        {wanted.choices.map((choice, index) => (
          <li key={choice.kind} data-fault={choice.consequences.raises_fault}>
            <button
              type="button"
              className={choice.consequences.raises_fault ? 'btn btn-outline-secondary' : 'btn btn-primary'}
              onClick={() => onTake(choice)}
            >
              <span aria-hidden="true" className={css.number}>
                {index + 1}
              </span>{' '}
              {choice.title}
            </button>
            <ConsequenceList of={choice.consequences} />
            <details>
              <summary>Who gets it then</summary>
              <div className={css.beforeAfter}>
                <Ladder rungs={rungsOf(wanted.ladder)} title="Now" />
                <Ladder rungs={rungsOf(choice.ladder_after)} title="Then" />
              </div>
            </details>
          </li>
        ))}
      </ul>
    </>
  )
}

interface OffersProps {
  offers: Schema['Offer'][]
  suites: string
  onSuites: (suites: string) => void
  onChord: (chord: string) => void
}

function Offers({ offers, suites, onSuites, onChord }: OffersProps) {
  return (
    <div className={css.freeChords}>
      <div className={css.freeHead}>
        <h2>Free chords, the best first</h2>
        <SuiteChecks
          legend="that work too in"
          chosen={suites.split(',').filter((id) => id !== '')}
          onChoose={(next) => onSuites(next.join(','))}
        />
      </div>
      {offers.length === 0 && <p className="quiet">No chord is free for it on all of these keyboards.</p>}
      <ol>
        {offers.map(({ chord, reasons }) => (
          <li key={chord.id}>
            <button type="button" onClick={() => onChord(chord.id)}>
              <Keys chord={chord} /> <span>{reasons.join(', ')}</span>
            </button>
          </li>
        ))}
      </ol>
    </div>
  )
}

function OffersInstead({ offers, onChord }: { offers: Schema['Offer'][]; onChord: (chord: string) => void }) {
  return (
    <p className={css.freeInstead}>
      Or a free chord instead:
      {offers.map(({ chord, reasons }) => (
        <button key={chord.id} type="button" className="plain" title={reasons.join(', ')} onClick={() => onChord(chord.id)}>
          <Keys chord={chord} />
        </button>
      ))}
    </p>
  )
}
