import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'

export interface Narrowed {
  words: string
  person: string
  suite: string
  /** Its number. */
  keymap: string
  day: string
}

/** What the server is asked for; what is empty is not asked for. */
export function asked({ words, person, suite, keymap, day }: Narrowed) {
  return {
    ...(words.trim() === '' ? {} : { words: words.trim() }),
    ...(person === '' ? {} : { person: Number(person) }),
    ...(suite === '' ? {} : { suite }),
    ...(keymap === '' ? {} : { keymap: Number(keymap) }),
    ...(day === '' ? {} : { day }),
  }
}

/** The journal, the latest first, a page after the other. */
export const useJournal = (narrowed: Narrowed) =>
  useInfiniteQuery({
    queryKey: ['journal', narrowed],
    initialPageParam: null as number | null,
    queryFn: ({ pageParam }) =>
      answer(api.GET('/journal', { params: { query: { ...asked(narrowed), ...(pageParam === null ? {} : { before: pageParam }) } } })),
    getNextPageParam: ({ before }) => before,
  })

export const useJournalProof = () => useQuery({ queryKey: ['journal-proof'], queryFn: () => answer(api.GET('/journal-proof')) })
