import { useId } from 'react'
import type { Schema } from '../api/client'
import css from './Problems.module.css'

/** What somebody has accepted of what is wrong, and why. */
export interface Yes {
  accept: string[]
  reason: string
}

export const NO: Yes = { accept: [], reason: '' }

/** Whether everything that is wrong is accepted by name, with a reason. */
export const isAccepted = (problems: readonly Schema['ReleaseProblem'][], yes: Yes): boolean =>
  problems.length === 0 || (yes.reason.trim() !== '' && problems.every(({ id }) => yes.accept.includes(id)))

interface Props {
  problems: readonly Schema['ReleaseProblem'][]
  yes: Yes
  onChange: (yes: Yes) => void
}

/** What is wrong before something goes out. Going on needs a yes to each by name, and one reason, which stays with it. */
export function Problems({ problems, yes, onChange }: Props) {
  const reason = useId()
  if (problems.length === 0) return <p className="quiet">Nothing is wrong with it.</p>
  const ids = problems.map(({ id }) => id)
  const isAll = ids.every((id) => yes.accept.includes(id))
  return (
    <fieldset className={css.problems}>
      <legend>{problems.length === 1 ? 'One thing is wrong' : `${problems.length} things are wrong`}</legend>
      <ul>
        {problems.map(({ id, kind, sentence }) => (
          <li key={id} data-kind={kind}>
            <label>
              <input
                type="checkbox"
                checked={yes.accept.includes(id)}
                onChange={(event) =>
                  onChange({ ...yes, accept: event.target.checked ? [...yes.accept, id] : yes.accept.filter((one) => one !== id) })
                }
              />{' '}
              {sentence}
            </label>
          </li>
        ))}
      </ul>
      {problems.length > 2 && (
        <button type="button" className="plain" onClick={() => onChange({ ...yes, accept: isAll ? [] : ids })}>
          {isAll ? 'Accept none' : 'Accept all of these'}
        </button>
      )}
      <label htmlFor={reason}>Why it goes out all the same</label>
      <input
        id={reason}
        className="form-control form-control-sm"
        maxLength={200}
        value={yes.reason}
        onChange={(event) => onChange({ ...yes, reason: event.target.value })}
      />
    </fieldset>
  )
}
