import { useRemedies } from './queries'
import { ChangeButton } from '../../keymap/ChangeButton'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import layout from '../../parts/layout.module.css'

/** The ways out of one clash, each with what it changes. */
export function RemedyList({ application, clash }: { application: string; clash: string }) {
  const remedies = useRemedies(application, clash)
  return (
    <Asking of={remedies}>
      {({ remedies: all }) => (
        <section aria-label="Remedies">
          <h2>Ways out</h2>
          {all.length === 0 && <p>Nothing in this keymap would settle it.</p>}
          <ul className={layout.choices}>
            {all.map((remedy) => (
              <li key={remedy.title}>
                <ChangeButton
                  wanted={{ application, title: remedy.title, change: remedy.change }}
                  look={remedy.consequences.raises_fault ? 'doubtful' : 'usual'}
                >
                  {remedy.title}
                </ChangeButton>
                <ConsequenceList of={remedy.consequences} about={clash} />
              </li>
            ))}
          </ul>
        </section>
      )}
    </Asking>
  )
}
