import { useCallback } from 'react'
import { useSearchParams } from 'react-router'

/** State that lives in the address, so that every view can be linked to. An empty value leaves the address. */
export function useAddress(): [(name: string) => string, (next: Record<string, string>) => void] {
  const [parameters, setParameters] = useSearchParams()
  const read = useCallback((name: string) => parameters.get(name) ?? '', [parameters])
  const write = useCallback((next: Record<string, string>) => {
    setParameters((before) => {
      const after = new URLSearchParams(before)
      for (const [name, value] of Object.entries(next)) {
        if (value === '') after.delete(name)
        else after.set(name, value)
      }
      return after
    }, { replace: true })
  }, [setParameters])
  return [read, write]
}
