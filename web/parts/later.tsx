import { lazy, Suspense, type ComponentType } from 'react'

/** Screens that are fetched when somebody goes there, or when the page has nothing else to do. */
const waiting: (() => Promise<unknown>)[] = []

/** A screen that the first one does not wait for, as a part of a route. */
export function later<Name extends string>(load: () => Promise<Record<Name, ComponentType>>, name: Name) {
  waiting.push(load)
  return { lazy: async () => ({ Component: (await load())[name] }) }
}

/** A part that is not there at first, such as a question that is seldom asked; nothing stands in its stead for the moment until it is. */
export function laterPart<Name extends string, Props extends object>(
  load: () => Promise<Record<Name, ComponentType<Props>>>,
  name: Name,
): ComponentType<Props> {
  waiting.push(load)
  const Part = lazy(async () => ({ default: (await load())[name] as ComponentType<object> }))
  return function Later(props: Props) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    )
  }
}

/** In ms: long enough for the first screen to have asked what it needs. */
const QUIET = 2_000

/** Fetches what is not there yet once the page is quiet, so that going to another screen does not wait for the network. */
export function fetchLater(): () => void {
  const timer = setTimeout(() => {
    // What cannot be fetched now is fetched again by whoever goes there.
    for (const load of waiting.splice(0)) load().catch(() => undefined)
  }, QUIET)
  return () => clearTimeout(timer)
}
