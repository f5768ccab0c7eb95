import { queryOptions, useQuery, type QueryClient } from '@tanstack/react-query'
import { answer, api } from './client'
import { SESSION } from './keys'

export const sessionQuery = queryOptions({ queryKey: SESSION, queryFn: () => answer(api.GET('/session')), staleTime: Infinity })

/** To be asked for anew after somebody came in otherwise than by signing in. */
export const askSession = (client: QueryClient) => client.query({ ...sessionQuery, staleTime: 0 })

export const useSession = () => useQuery(sessionQuery)
