import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'

const keyboardsQuery = queryOptions({ queryKey: ['keyboards'], queryFn: () => answer(api.GET('/keyboards')), staleTime: Infinity })

export const useKeyboards = () => useQuery(keyboardsQuery)
