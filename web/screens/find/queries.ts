import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

/** What a search is narrowed to; what is empty is not narrowed. */
export type Narrowed = Partial<Record<'application' | 'context' | 'only', string>>

const findQuery = (words: string, narrowed: Narrowed, seat: Seat) => {
  const query = { words, ...seat, ...Object.fromEntries(Object.entries(narrowed).filter(([, value]) => value !== '')) }
  return queryOptions({
    queryKey: [...KIT, 'find', query],
    queryFn: ({ signal }) => answer(api.GET('/find', { params: { query }, signal })),
    enabled: words.trim() !== '',
    placeholderData: keepPreviousData,
  })
}

export const useFind = (words: string, narrowed: Narrowed = {}) => useQuery(findQuery(words, narrowed, useSeat()))

const spelledChordQuery = (chord: string, seat: Seat) =>
  queryOptions({
    queryKey: ['spelled-chord', chord, seat],
    queryFn: () => answer(api.GET('/spelled-chord', { params: { query: { chord, ...seat } } })),
    enabled: chord !== '',
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })

/** How a chord is spelled at this keyboard, and whether it reaches an application; what it does there is in the table. */
export const useSpelledChord = (chord: string) => useQuery(spelledChordQuery(chord, useSeat()))
