import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from './client'
import { SUITES } from './keys'

/** How often the suites are looked at again where what happens there is shown, in ms. */
const WATCHED_EVERY = 1_500

const suitesQuery = queryOptions({ queryKey: SUITES, queryFn: () => answer(api.GET('/suites')) })

/** The suites as they were when somebody last looked: for lists to choose from. */
export const useSuites = () => useQuery(suitesQuery)

/** The suites as they are. */
export const useWatchedSuites = () => useQuery({ ...suitesQuery, refetchInterval: WATCHED_EVERY })
