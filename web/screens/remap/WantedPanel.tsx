import type { Schema } from '../../api/client'
import { ChangeButton } from '../../keymap/ChangeButton'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Keys } from '../../parts/Keys'
import { Ladder, rungsOf } from '../../board/Ladder'
import { SuiteChecks } from '../../parts/Checks'
import css from './remap.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  application: string
  remap: Schema['Remap']
  suites: string
  onSuites: (suites: string) => void
  onChord: (chord: string) => void
}

/** What the wanted chord would mean, or the free ones while none is wanted. */
export function WantedPanel({ application, remap, suites, onSuites, onChord }: Props) {
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
        <Choices application={application} command={remap.command.name} wanted={wanted} />
      )}
      {wanted !== null && (wanted.holders.length > 0 || wanted.unsayable !== null) && (
        <OffersInstead offers={remap.offers.slice(0, 5)} onChord={onChord} />
      )}
    </section>
  )
}

function Choices({ application, command, wanted }: { application: string; command: string; wanted: Schema['Wanted'] }) {
  const holders = wanted.holders.map((one) => `${one.command.name} in ${one.context.name}`)
  const neighbours = wanted.neighbours.map((one) => `${one.command.name} in ${one.context.name}`)
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
      <ul className={layout.choices}>
        {wanted.choices.map((choice) => (
          <li key={choice.kind} data-fault={choice.consequences.raises_fault}>
            <ChangeButton
              wanted={{ application, title: `${command}: ${choice.title}`, change: choice.change }}
              look={choice.consequences.raises_fault ? 'doubtful' : 'usual'}
            >
              {choice.title}
            </ChangeButton>
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
