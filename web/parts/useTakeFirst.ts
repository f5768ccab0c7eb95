import { useEffect, useRef } from 'react'
import { useStable } from './useStable'

/**
 * Enter in a field takes the first answer to what stands there, at once or as soon as it comes.
 *
 * @param first null while there is no answer yet; undefined where there is nothing to take
 */
export function useTakeFirst<T>(first: T | null | undefined, onTake: (first: T) => void): { take: () => void; forget: () => void } {
  const isWanted = useRef(false)
  const takeNow = useStable(() => {
    if (!isWanted.current || first === null) return
    isWanted.current = false
    if (first !== undefined) onTake(first)
  })
  useEffect(() => takeNow(), [first, takeNow])
  const take = useStable(() => {
    isWanted.current = true
    takeNow()
  })
  const forget = useStable(() => {
    isWanted.current = false
  })
  return { take, forget }
}
