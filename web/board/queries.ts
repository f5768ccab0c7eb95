import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import { KIT } from '../api/keys'
import { useSeat, type Seat } from '../seat/seat'

const tableQuery = (query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'table', query],
    queryFn: () => answer(api.GET('/table', { params: { query } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

/** What every press does, for as long as the keymaps stay as they are. */
export const useTable = () => useQuery(tableQuery(useSeat()))
