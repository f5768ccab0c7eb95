import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { useSeat, type Seat } from '../../seat/seat'

/** How often a rehearsal is looked at again, in ms: while presses wait for their answer, and while none does. */
const WAITING_EVERY = 200
const IDLE_EVERY = 1_500

export const rehearsalQuery = (id: string, query: Seat) =>
  queryOptions({
    queryKey: ['rehearsal', id, query],
    queryFn: () => answer(api.GET('/rehearsals/{rehearsal}', { params: { path: { rehearsal: id }, query } })),
    enabled: id !== '',
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => (state.data?.presses.some((press) => press.state === 'waiting') === true ? WAITING_EVERY : IDLE_EVERY),
  })

/** @param id empty for none */
export const useRehearsal = (id: string) => useQuery(rehearsalQuery(id, useSeat()))
