import { queryOptions, useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { answer, api, type Schema } from './client'

/** Windows of one browser tell each other at once; others ask the server. */
const CHANNEL = 'zebrafinch-look'

/** How often a second screen asks, in ms; what has not changed is answered by its tag alone. */
const ASKED_EVERY = 1_000

/** Tells the second screen which application and context are looked at. What does not come through is told with the next change. */
export function useTellLook(application: string, context: string): void {
  useEffect(() => {
    if (application === '' || context === '') return undefined
    const timer = setTimeout(() => {
      const channel = new BroadcastChannel(CHANNEL)
      channel.postMessage({ application, context })
      channel.close()
      answer(api.PUT('/look', { body: { application, context } })).catch(() => undefined)
    }, 150)
    return () => clearTimeout(timer)
  }, [application, context])
}

const lookQuery = (suite: string) =>
  queryOptions({
    queryKey: ['look', suite],
    queryFn: ({ signal }): Promise<Schema['Look']> =>
      suite === ''
        ? answer(api.GET('/look', { signal }))
        : answer(api.GET('/suites/{suite}/look', { params: { path: { suite } }, signal })),
    refetchInterval: ASKED_EVERY,
    refetchIntervalInBackground: true,
  })

/**
 * What the first window, or the workstation of a suite, looks at; kept up with.
 *
 * @param suite id; empty for the first window of the same person
 */
export function useLook(suite: string, isFollowing: boolean) {
  const look = useQuery({ ...lookQuery(suite), enabled: isFollowing })
  const { refetch } = look
  useEffect(() => {
    if (suite !== '' || !isFollowing) return undefined
    const channel = new BroadcastChannel(CHANNEL)
    // What another window tells is on its way to the server: a moment later it is there.
    channel.onmessage = () => setTimeout(() => void refetch(), 80)
    return () => channel.close()
  }, [suite, isFollowing, refetch])
  return look
}
