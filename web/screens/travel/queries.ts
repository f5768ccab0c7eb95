import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const travelQuery = (to: Seat | null, seat: Seat) => {
  const query = { to_board: to?.board ?? '', to_layout: to?.layout ?? '', to_system: to?.system ?? 'linux', ...seat }
  return queryOptions({
    queryKey: [...KIT, 'travel', query],
    queryFn: () => answer(api.GET('/travel', { params: { query } })),
    enabled: to !== null,
  })
}

/** @param to null while it is not known where to */
export const useTravel = (to: Seat | null) => useQuery(travelQuery(to, useSeat()))
