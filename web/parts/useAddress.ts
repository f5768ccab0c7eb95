import { useCallback } from 'react'
import { useSearchParams } from 'react-router'

type Values = Record<string, string>

/** Marks entries of the history that the screen itself has written. */
export const OWN = { isOwn: true }

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

/** State that lives in the address, so that every view can be linked to and gone back to. */
export function useAddress(): [read: (name: string) => string, write: (next: Values, way?: Way) => void] {
  const [parameters, setParameters] = useSearchParams()
  const read = useCallback((name: string) => parameters.get(name) ?? '', [parameters])
  const write = useCallback(
    (next: Values, { replace = false }: Way = {}) => {
      const isSame = withValues(parameters, next).toString() === parameters.toString()
      setParameters((before) => withValues(before, next), { replace: replace || isSame, state: OWN, preventScrollReset: true })
    },
    [parameters, setParameters],
  )
  return [read, write]
}
