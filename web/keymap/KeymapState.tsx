import { Link } from 'react-router'
import type { Schema } from '../api/client'
import { Warning } from '../parts/ProblemNote'

/** What somebody has to know about a keymap before all else: that its file is refused, or what following another has brought. */
export function KeymapState({ keymap }: { keymap: Pick<Schema['Keymap'], 'application' | 'refused' | 'notices'> }) {
  const { application, refused, notices } = keymap
  return (
    <>
      {refused !== null && (
        <Warning>
          <p>
            <strong>No key of {application.name} works with this keymap.</strong> {refused}{' '}
            <Link to={`/clashes/${application.id}`}>Settle it in Clashes</Link>
          </p>
        </Warning>
      )}
      {notices.map(({ title, sentences }, index) =>
        sentences.length === 0 ? (
          <p key={index} className="quiet">
            Taken in since the last save: {title}.
          </p>
        ) : (
          <Warning key={index}>
            <p>
              <strong>{title}.</strong> {sentences.join(' ')} <span className="quiet">Shown until you save.</span>
            </p>
          </Warning>
        ),
      )}
    </>
  )
}
