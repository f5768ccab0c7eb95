import { useLayoutEffect, useMemo, useState } from 'react'
import { NavigationType, useLocation, useNavigationType } from 'react-router'
import { createStore, type Store } from './store'
import { isOwn, useAddress, type Way } from './useAddress'
import { useStable } from './useStable'

interface AddressStore extends Store<string> {
  /** Shows the text at once, and writes it to the address with whatever else changes in the same go. */
  give: (next: string, beside?: Record<string, string>, way?: Way) => void
}

/**
 * Text that stands in the address and is shown before it does, to those alone who read it. The address's word is taken when somebody comes
 * by a link or goes back.
 */
export function useAddressStore(name: string): AddressStore {
  const [read, write] = useAddress()
  const location = useLocation()
  const { key } = location
  const entry: unknown = location.state
  const kind = useNavigationType()
  const [store] = useState(() => createStore(read(name)))
  useLayoutEffect(() => {
    if (kind === NavigationType.Pop || !isOwn(entry)) store.set(read(name))
  }, [store, key, kind, entry, name, read])
  const give = useStable((next: string, beside: Record<string, string> = {}, way: Way = {}) => {
    store.set(next)
    write({ ...beside, [name]: next }, way)
  })
  return useMemo(() => ({ ...store, give }), [store, give])
}
