import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { ProblemNote } from './ProblemNote'

interface Props<T> {
  of: UseQueryResult<T>
  children: (data: T) => ReactNode
}

/** A question to the server in its three states: waiting, refused, answered. Nothing while nothing is asked. */
export function Asking<T>({ of, children }: Props<T>) {
  if (of.data !== undefined) return children(of.data)
  if (of.error !== null) return <ProblemNote error={of.error} onRetry={() => void of.refetch()} />
  if (of.fetchStatus === 'idle') return null
  return (
    <p className="waiting" role="status">
      One moment …
    </p>
  )
}
