import type { Schema } from '../../api/client'
import { standingInWords } from './words'
import css from './suite.module.css'

/** The key files of a suite as one strip: what is in step runs together, anything else breaks it and says why. */
export function Strip({ suite }: { suite: Schema['Suite'] }) {
  return (
    <ul className={css.strip} aria-label={`Key files of ${suite.name}`}>
      {suite.files.map((file) => (
        <li key={file.application.id} data-standing={file.standing} data-online={suite.is_online}>
          <span>{file.application.name}</span> <small>{standingInWords(file, suite.is_online)}</small>
        </li>
      ))}
    </ul>
  )
}
