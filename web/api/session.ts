import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from './client'
import { SESSION } from './keys'

export const sessionQuery = queryOptions({ queryKey: SESSION, queryFn: () => answer(api.GET('/session')), staleTime: Infinity })

export const useSession = () => useQuery(sessionQuery)
