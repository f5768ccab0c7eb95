import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useClashes } from '../../api/queries'
import { ApplicationTabs } from '../../parts/ApplicationTabs'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { Meaning } from './Meaning'
import { RemedyList } from './RemedyList'
import { SettlePanel } from './SettlePanel'

const KINDS: Record<Schema['Clash']['kind'], string> = {
  double: 'Double', 'tap-hold': 'Tap and hold', reserved: 'Reserved', 'out-of-reach': 'Out of reach', 'dead-title': 'Dead title',
  shadow: 'Shadow', swallowed: 'Swallowed', parallel: 'Parallel',
}

/** The docket: every clash of the keymap in use, and the ways out of the chosen one or of all faults at once. */
export function ClashesPlace() {
  const application = useFirstApplication()
  const [read, write] = useAddress()
  const withParallels = read('parallels') !== ''
  const clashes = useClashes(application, withParallels)
  const chosen = read('clash')
  const isSettling = read('settle') !== ''
  return (
    <>
      <div className="place-head"><h1>Clashes</h1><ApplicationTabs place="clashes" /></div>
      <Asking of={clashes}>
        {({ keymap, clashes: all, meant }) => {
          const open = all.filter(({ id }) => meant[id] === undefined)
          const accepted = all.filter(({ id }) => meant[id] !== undefined)
          const faults = open.filter(({ grade }) => grade === 'fault').length
          const choose = (clash: string) => { write({ clash, settle: '' }) }
          const clash = all.find(({ id }) => id === chosen)
          return (
            <>
              <p className="docket-line">
                <span>Keymap <Link to={`/remap/${application}`}><strong>{keymap}</strong></Link>: {counted(faults, 'fault')}, {counted(open.filter(({ grade }) => grade === 'warning').length, 'warning')}, {accepted.length} meant.</span>
                {faults > 0 && <button type="button" className="plain" aria-pressed={isSettling} onClick={() => { write({ settle: '1', clash: '' }) }}>Settle all faults</button>}
                <label><input type="checkbox" checked={withParallels} onChange={(event) => { write({ parallels: event.target.checked ? '1' : '' }) }} /> show parallels</label>
              </p>
              {all.length === 0 && <div className="empty"><p><strong>The keymap {keymap} has no clash.</strong> Every chord does what its line says, wherever the focus is.</p></div>}
              <div className="docket">
                <div>
                  <ClashList label={`Clashes of the keymap ${keymap}`} clashes={open} chosen={chosen} onChoose={choose} />
                  {accepted.length > 0 && (
                    <section aria-label="Meant">
                      <h2>Meant</h2>
                      <ClashList label="Clashes that are meant" clashes={accepted} chosen={chosen} onChoose={choose} reasons={meant} />
                    </section>
                  )}
                </div>
                <div>
                  {isSettling && <SettlePanel application={application} />}
                  {clash !== undefined && (
                    <>
                      <RemedyList application={application} clash={clash.id} />
                      <Meaning key={clash.id} application={application} clash={clash.id} meaning={meant[clash.id]} />
                    </>
                  )}
                  {!isSettling && clash === undefined && all.length > 0 && <div className="empty"><p>Choose a clash to see the ways out of it, and what each of them changes.</p></div>}
                </div>
              </div>
            </>
          )
        }}
      </Asking>
    </>
  )
}

const counted = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`

interface ListProps { label: string; clashes: Schema['Clash'][]; chosen: string; onChoose: (clash: string) => void; reasons?: Schema['Clashes']['meant'] }

function ClashList({ label, clashes, chosen, onChoose, reasons }: ListProps) {
  return (
    <ul aria-label={label}>
      {clashes.map((clash) => (
        <li key={clash.id} className="clash-item">
          <button type="button" className="clash" data-grade={clash.grade} aria-pressed={clash.id === chosen} onClick={() => { onChoose(clash.id) }}>
            <span className="clash-kind">
              <i aria-hidden="true" />{KINDS[clash.kind]}{clash.grade !== 'note' && `, ${clash.grade}`}
              <KeysList chords={clash.bindings.slice(0, 1).map(({ chord }) => chord)} />
            </span>
            <span>{clash.sentence}{reasons?.[clash.id] !== undefined && <em className="meant-reason">Meant: {reasons[clash.id]?.reason}</em>}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
