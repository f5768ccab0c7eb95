import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const comparisonQuery = (keymap: number, other: string, seat: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'comparison', keymap, other, seat],
    queryFn: () => answer(api.GET('/keymaps/{keymap}/comparison', { params: { path: { keymap }, query: { with: other, ...seat } } })),
    placeholderData: keepPreviousData,
  })

/** @param other saved, factory, or the id of another keymap */
export const useComparison = (keymap: number, other: string) => useQuery(comparisonQuery(keymap, other, useSeat()))
