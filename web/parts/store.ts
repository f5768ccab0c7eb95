import { useLayoutEffect, useState, useSyncExternalStore } from 'react'

/** A value outside the tree of what is drawn: who reads it is drawn again when it changes, and nothing around them. */
export interface Store<T> {
  get: () => T
  set: (next: T) => void
  subscribe: (listener: () => void) => () => void
}

export function createStore<T>(initial: T): Store<T> {
  let value = initial
  const listeners = new Set<() => void>()
  return {
    get: () => value,
    set: (next) => {
      if (Object.is(value, next)) return
      value = next
      for (const listener of listeners) listener()
    },
    subscribe: (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

export const useStored = <T>(store: Store<T>): T => useSyncExternalStore(store.subscribe, store.get)

/** What is read off the value; drawn again only when that changes. It must be a plain value. */
export const useStoredAs = <T, Read extends string | number | boolean>(store: Store<T>, read: (value: T) => Read): Read =>
  useSyncExternalStore(store.subscribe, () => read(store.get()))

/** A store that follows what is drawn. */
export function useStoreOf<T>(value: T): Store<T> {
  const [store] = useState(() => createStore(value))
  useLayoutEffect(() => {
    store.set(value)
  }, [store, value])
  return store
}
