import { Link } from 'react-router'
import { ProblemError } from '../api/client'

interface Props { error: Error | null; onRetry?: () => void }

/** What went wrong, where, and what to do. */
export function ProblemNote({ error, onRetry }: Props) {
  if (error === null) return null
  const problem = error instanceof ProblemError ? error.problem : null
  return (
    <div className="problem" role="alert">
      <p><strong>{problem?.detail ?? error.message}</strong>{problem?.place != null && <> ({problem.place})</>}</p>
      {problem !== null && <p>{problem.remedy}</p>}
      {problem?.status === 401 && <p><Link to="/sign-in">Sign in</Link></p>}
      {onRetry !== undefined && <button type="button" className="btn btn-sm btn-outline-secondary" onClick={onRetry}>Try again</button>}
    </div>
  )
}
