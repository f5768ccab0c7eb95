import { useCallback, useLayoutEffect, useRef } from 'react'

/**
 * A function that stays the same between renders and always does what the latest one would: for parts that are drawn only when they change.
 */
export function useStable<Arguments extends unknown[]>(latest: (...given: Arguments) => void): (...given: Arguments) => void {
  const current = useRef(latest)
  useLayoutEffect(() => {
    current.current = latest
  })
  return useCallback((...given: Arguments) => {
    current.current(...given)
  }, [])
}
