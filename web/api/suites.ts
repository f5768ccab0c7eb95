import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from './client'
import { ROLLOUTS, SITTINGS, SUITES } from './keys'

/** How often the suites are looked at again where what happens there is shown, in ms. */
const WATCHED_EVERY = 2_000

/** How often somebody is asked for where they sit: a sitting ends by itself at its hour. */
const SITTINGS_EVERY = 30_000

const suitesQuery = queryOptions({ queryKey: SUITES, queryFn: () => answer(api.GET('/suites')) })

/** The suites as they were when somebody last looked: for lists to choose from. */
export const useSuites = () => useQuery(suitesQuery)

/** The suites as they are. */
export const useWatchedSuites = () => useQuery({ ...suitesQuery, refetchInterval: WATCHED_EVERY })

/** One suite as it is, with its story. */
export const useSuitePage = (suite: string) =>
  useQuery({
    queryKey: [...SUITES, suite],
    queryFn: () => answer(api.GET('/suites/{suite}', { params: { path: { suite } } })),
    refetchInterval: WATCHED_EVERY,
  })

/** Where somebody sits, and what they changed by hand there. */
export const useMySittings = () =>
  useQuery({ queryKey: SITTINGS, queryFn: () => answer(api.GET('/sittings')), refetchInterval: SITTINGS_EVERY })

export const useRollouts = () =>
  useQuery({ queryKey: ROLLOUTS, queryFn: () => answer(api.GET('/rollouts')), refetchInterval: WATCHED_EVERY })
