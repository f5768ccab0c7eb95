import type { Schema } from '../../api/client'
import { useClashes, useRemedies } from '../../api/queries'
import Button from 'react-bootstrap/Button'
import { useMakeChange } from '../../changes/changes'
import { ApplicationTabs } from '../../parts/ApplicationTabs'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { KeysList } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useFirstApplication } from '../../parts/useFirstApplication'

const KINDS: Record<Schema['Clash']['kind'], string> = {
  double: 'Double', 'tap-hold': 'Tap and hold', reserved: 'Reserved', 'out-of-reach': 'Out of reach', 'dead-title': 'Dead title',
  shadow: 'Shadow', swallowed: 'Swallowed', parallel: 'Parallel',
}

/** The docket: every clash of the keymap in use, and the ways out of the chosen one. */
export function ClashesPlace() {
  const application = useFirstApplication()
  const [read, write] = useAddress()
  const clashes = useClashes(application)
  const chosen = read('clash')
  return (
    <>
      <div className="place-head"><h1>Clashes</h1><ApplicationTabs place="clashes" /></div>
      <Asking of={clashes}>
        {({ keymap, clashes: all }) => all.length === 0
          ? <div className="empty"><p><strong>The keymap {keymap} has no clash.</strong> Every chord does what its line says, wherever the focus is.</p></div>
          : (
            <div className="docket">
              <ul aria-label={`Clashes of the keymap ${keymap}`}>
                {all.map((clash) => (
                  <li key={clash.id}>
                    <button type="button" className="clash" data-grade={clash.grade} aria-pressed={clash.id === chosen} onClick={() => { write({ clash: clash.id }) }}>
                      <span className="clash-kind">
                        <i aria-hidden="true" />{KINDS[clash.kind]}, {clash.grade}
                        <KeysList chords={clash.bindings.slice(0, 1).map(({ chord }) => chord)} />
                      </span>
                      <span>{clash.sentence}</span>
                    </button>
                  </li>
                ))}
              </ul>
              <div>
                {all.some(({ id }) => id === chosen)
                  ? <RemedyList application={application} clash={chosen} />
                  : <div className="empty"><p>Choose a clash to see the ways out of it, and what each of them changes.</p></div>}
              </div>
            </div>
          )}
      </Asking>
    </>
  )
}

function RemedyList({ application, clash }: { application: string; clash: string }) {
  const remedies = useRemedies(application, clash)
  const makeChange = useMakeChange()
  return (
    <Asking of={remedies}>
      {({ remedies: all }) => (
        <section aria-label="Remedies">
          <h2>Ways out</h2>
          <ul className="choices">
            {all.map((remedy) => (
              <li key={remedy.title}>
                <Button variant={remedy.consequences.raises_fault ? 'outline-secondary' : 'primary'} onClick={() => { makeChange({ application, title: remedy.title, change: remedy.change }) }}>{remedy.title}</Button>
                <ConsequenceList of={remedy.consequences} about={clash} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </Asking>
  )
}
