import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useClashes } from './queries'
import { ScreenHead } from '../../parts/ScreenHead'
import { ApplicationTabs } from '../../parts/Tabs'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { Acceptance } from './Acceptance'
import { RemedyList } from './RemedyList'
import { SettlePanel } from './SettlePanel'
import css from './clash.module.css'
import layout from '../../parts/layout.module.css'
import { Empty } from '../../parts/Empty'

/** The docket: every clash of the keymap in use, and the ways out of the chosen one or of all faults at once. */
export function ClashScreen() {
  const application = useFirstApplication()
  const [read, write] = useAddress()
  const withParallels = read('parallels') !== ''
  const clashes = useClashes(application, withParallels)
  const chosen = read('clash')
  const isSettling = read('settle') !== ''
  return (
    <>
      <ScreenHead title="Clashes">
        <ApplicationTabs screen="clashes" />
      </ScreenHead>
      <Asking of={clashes}>
        {({ keymap, clashes: all, accepted }) => {
          const open = all.filter(({ id }) => accepted[id] === undefined)
          const settled = all.filter(({ id }) => accepted[id] !== undefined)
          const faults = open.filter(({ grade }) => grade === 'fault').length
          const choose = (clash: string) => {
            write({ clash, settle: '' })
          }
          const clash = all.find(({ id }) => id === chosen)
          return (
            <>
              <p className={layout.line}>
                <span>
                  Keymap{' '}
                  <Link to={`/remap/${application}`}>
                    <strong>{keymap}</strong>
                  </Link>
                  : {counted(faults, 'fault')}, {counted(open.filter(({ grade }) => grade === 'warning').length, 'warning')},{' '}
                  {settled.length} accepted.
                </span>
                {open.some(({ grade }) => grade !== 'note') && (
                  <button type="button" className="plain" aria-pressed={isSettling} onClick={() => write({ settle: '1', clash: '' })}>
                    Settle all
                  </button>
                )}
                <label>
                  <input
                    type="checkbox"
                    checked={withParallels}
                    onChange={(event) => write({ parallels: event.target.checked ? '1' : '' })}
                  />{' '}
                  show parallels
                </label>
              </p>
              {all.length === 0 && (
                <Empty>
                  <strong>The keymap {keymap} has no clash.</strong> Every chord does what its line says, wherever the focus is.
                </Empty>
              )}
              <div className={layout.columns}>
                <div>
                  <ClashList label={`Clashes of the keymap ${keymap}`} clashes={open} chosen={chosen} onChoose={choose} />
                  {settled.length > 0 && (
                    <section aria-label="Accepted">
                      <h2>Accepted</h2>
                      <ClashList label="Clashes that are accepted" clashes={settled} chosen={chosen} onChoose={choose} reasons={accepted} />
                    </section>
                  )}
                </div>
                <div>
                  {isSettling && <SettlePanel application={application} />}
                  {clash !== undefined && (
                    <>
                      <RemedyList application={application} clash={clash.id} />
                      <Acceptance key={clash.id} application={application} clash={clash.id} acceptance={accepted[clash.id]} />
                    </>
                  )}
                  {!isSettling && clash === undefined && all.length > 0 && (
                    <Empty>Choose a clash to see the ways out of it, and what each of them changes.</Empty>
                  )}
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

interface ListProps {
  label: string
  clashes: Schema['Clash'][]
  chosen: string
  onChoose: (clash: string) => void
  reasons?: Schema['Clashes']['accepted']
}

function ClashList({ label, clashes, chosen, onChoose, reasons }: ListProps) {
  return (
    <ul aria-label={label}>
      {clashes.map((clash) => (
        <li key={clash.id}>
          <button
            type="button"
            className={css.clash}
            data-grade={clash.grade}
            aria-pressed={clash.id === chosen}
            onClick={() => onChoose(clash.id)}
          >
            <span className={css.clashKind}>
              <i aria-hidden="true" />
              {clash.title}
              {clash.grade !== 'note' && `, ${clash.grade}`}
              <KeysList chords={clash.bindings.slice(0, 1).map(({ chord }) => chord)} />
            </span>
            <span>
              {clash.sentence}
              {reasons?.[clash.id] !== undefined && <em className={css.reason}>Accepted: {reasons[clash.id]?.reason}</em>}
            </span>
          </button>
        </li>
      ))}
    </ul>
  )
}
