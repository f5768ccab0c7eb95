import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { ProblemError } from '../api/client'
import css from './ProblemNote.module.css'

/** Something that is wrong and wants attention. */
export function Warning({ children }: { children: ReactNode }) {
  return (
    <div className={css.problem} role="alert">
      {children}
    </div>
  )
}

interface Props {
  error: Error | null
  onRetry?: () => void
}

/** What went wrong, where, and what to do. */
export function ProblemNote({ error, onRetry }: Props) {
  if (error === null) return null
  const problem = error instanceof ProblemError ? error.problem : null
  return (
    <Warning>
      <p>
        <strong>{problem?.detail ?? error.message}</strong>
        {problem?.where != null && <> ({problem.where})</>}
      </p>
      {problem !== null && <p>{problem.remedy}</p>}
      {problem?.status === 401 && (
        <p>
          <Link to="/sign-in">Sign in</Link>
        </p>
      )}
      {onRetry !== undefined && (
        <button type="button" className="btn btn-sm btn-outline-secondary" onClick={onRetry}>
          Try again
        </button>
      )}
    </Warning>
  )
}
