import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const usageQuery = (query: Seat) =>
  queryOptions({ queryKey: [...KIT, 'usage', query], queryFn: () => answer(api.GET('/usage', { params: { query } })) })

export const useUsage = () => useQuery(usageQuery(useSeat()))

/** What the house uses, as sums of enough people. */
export const useHouseUsage = () => useQuery({ queryKey: ['house-usage'], queryFn: () => answer(api.GET('/house-usage')) })
