import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { useSeat, type Seat } from '../../seat/seat'

/** How often a running search is looked at again, in ms. */
const PROGRESS_EVERY = 350

export const harmonisationQuery = (id: number, query: Seat) =>
  queryOptions({
    queryKey: ['harmonisation', id, query],
    queryFn: () => answer(api.GET('/harmonisations/{harmonisation}', { params: { path: { harmonisation: id }, query } })),
    enabled: id !== 0,
    refetchInterval: ({ state }) => (state.data?.is_over === false ? PROGRESS_EVERY : false),
  })

/** @param id 0 for none */
export const useHarmonisation = (id: number) => useQuery(harmonisationQuery(id, useSeat()))
