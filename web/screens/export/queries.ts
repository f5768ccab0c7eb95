import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

export type Grouping = 'context' | 'menu' | 'key'

/** What is taken away, and how. */
export interface Wanted {
  /** `all`, an application's id for what is in use there, `keymap 7` or `release 3`. */
  of: string
  by: Grouping
  /** How many of the most used; empty for all. */
  most: string
  hasUnbound: boolean
}

const idOf = (of: string): number => Number(of.split(' ')[1])

const queryOf = ({ of, by, most, hasUnbound }: Wanted, seat: Seat) => ({
  ...seat,
  by,
  ...(of === 'all' || of.includes(' ') ? {} : { application: of }),
  ...(most === '' ? {} : { most: Number(most) }),
  ...(hasUnbound ? { unbound: '1' as const } : {}),
})

function asked({ of }: Wanted, query: ReturnType<typeof queryOf>, signal: AbortSignal) {
  if (of.startsWith('keymap ')) return api.GET('/keymaps/{keymap}/key-lists', { params: { path: { keymap: idOf(of) }, query }, signal })
  if (of.startsWith('release ')) return api.GET('/releases/{release}/key-lists', { params: { path: { release: idOf(of) }, query }, signal })
  return api.GET('/key-lists', { params: { query }, signal })
}

const listsQuery = (wanted: Wanted, seat: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'key-lists', wanted, seat],
    queryFn: async ({ signal }): Promise<Schema['KeyLists']> => {
      // Nothing else than data comes as long as no other format is asked for.
      return (await answer(asked(wanted, queryOf(wanted, seat), signal))) as Schema['KeyLists']
    },
    placeholderData: keepPreviousData,
  })

export const useKeyLists = (wanted: Wanted) => useQuery(listsQuery(wanted, useSeat()))

const pathOf = ({ of }: Wanted): string =>
  of.startsWith('keymap ') ? `/keymaps/${idOf(of)}` : of.startsWith('release ') ? `/releases/${idOf(of)}` : ''

/** The address of the written list, to be followed by the browser. */
export function listAddress(wanted: Wanted, seat: Seat, format: string, isRead = false): string {
  const query = Object.entries({ ...queryOf(wanted, seat), as: format, ...(isRead ? { read: '1' } : {}) })
  return `/api${pathOf(wanted)}/key-lists?${new URLSearchParams(query.map(([name, value]) => [name, String(value)])).toString()}`
}

/** The address of the key files, byte for byte as the applications read them. */
export const keyFilesAddress = (wanted: Wanted): string =>
  `/api${pathOf(wanted)}/${wanted.of.startsWith('keymap ') ? 'key-file' : 'key-files'}`

export const drawingAddress = (application: string, context: string, layer: string, format: 'svg' | 'pdf', seat: Seat): string =>
  `/api/applications/${application}/board-drawing?${new URLSearchParams({ ...seat, as: format, context, layer }).toString()}`

/** A written list as text, for the clipboard. */
export async function listText(wanted: Wanted, seat: Seat): Promise<string> {
  const response = await fetch(listAddress(wanted, seat, 'text', true), { headers: { Accept: 'text/plain' } })
  if (!response.ok) throw new Error('The list did not come.')
  return response.text()
}
