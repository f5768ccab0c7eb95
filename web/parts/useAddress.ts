import { useCallback, useLayoutEffect } from 'react'
import { NavigationType, useLocation, useNavigationType, useSearchParams } from 'react-router'

type Values = Record<string, string>

/** Marks entries of the history that the screen itself has written. */
export const OWN = { isOwn: true }

export const isOwn = (state: unknown): boolean => typeof state === 'object' && state !== null && 'isOwn' in state

/** The parameters after some of them were set; an empty value leaves the address. */
export function withValues(before: URLSearchParams, next: Values): URLSearchParams {
  const after = new URLSearchParams(before)
  for (const [name, value] of Object.entries(next)) {
    if (value === '') after.delete(name)
    else after.set(name, value)
  }
  return after
}

interface Way {
  /** Whether Back shall not come to what is shown now: for steps on the way to something, such as letters of a word. */
  replace?: boolean
}

/** What was written last and is not in the address yet: the fingers are faster than the router, and none of their steps may be lost. */
let written: URLSearchParams | null = null

/** State that lives in the address, so that every view can be linked to and gone back to. */
export function useAddress(): [read: (name: string) => string, write: (next: Values, way?: Way) => void] {
  const [parameters, setParameters] = useSearchParams()
  const location = useLocation()
  const { key } = location
  const state: unknown = location.state
  const kind = useNavigationType()
  useLayoutEffect(() => {
    // A step that arrives while a later one is on its way does not end the later one.
    if (kind === NavigationType.Pop || !isOwn(state) || written?.toString() === parameters.toString()) written = null
  }, [key, kind, state, parameters])
  const read = useCallback((name: string) => parameters.get(name) ?? '', [parameters])
  const write = useCallback(
    (next: Values, { replace = false }: Way = {}) => {
      const after = withValues(written ?? parameters, next)
      const isSame = after.toString() === parameters.toString()
      written = after
      setParameters(after, { replace: replace || isSame, state: OWN, preventScrollReset: true })
    },
    [parameters, setParameters],
  )
  return [read, write]
}
