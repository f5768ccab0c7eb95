import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const intentsQuery = queryOptions({ queryKey: [...KIT, 'intents'], queryFn: () => answer(api.GET('/intents')) })

export const useIntents = () => useQuery(intentsQuery)

const matchesQuery = (application: string, query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'matches', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/matches', { params: { path: { application }, query } })),
    enabled: application !== '',
  })

/** @param application id; empty while it is not known */
export const useMatches = (application: string) => useQuery(matchesQuery(application, useSeat()))
