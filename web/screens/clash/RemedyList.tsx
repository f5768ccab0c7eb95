import Button from 'react-bootstrap/Button'
import { useRemedies } from './queries'
import { useMakeChange } from '../../keymap/changes'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import layout from '../../parts/layout.module.css'

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
          <ul className={layout.choices}>
            {all.map((remedy) => (
              <li key={remedy.title}>
                <Button
                  variant={remedy.consequences.raises_fault ? 'outline-secondary' : 'primary'}
                  onClick={() => {
                    makeChange({ application, title: remedy.title, change: remedy.change })
                  }}
                >
                  {remedy.title}
                </Button>
                <ConsequenceList of={remedy.consequences} about={clash} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </Asking>
  )
}
