import Button from 'react-bootstrap/Button'
import { useRemedies } from '../../api/queries'
import { useMakeChange } from '../../changes/changes'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'

/** The ways out of one clash, each with what it changes. */
export function RemedyList({ application, clash }: { application: string; clash: string }) {
  const remedies = useRemedies(application, clash)
  const makeChange = useMakeChange()
  return (
    <Asking of={remedies}>
      {({ remedies: all }) => (
        <section aria-label="Remedies">
          <h2>Ways out</h2>
          {all.length === 0 && <p>Nothing in this keymap would settle it.</p>}
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
