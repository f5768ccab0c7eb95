import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import type { paths } from '../../api/schema'
import { useSeat, type Seat } from '../../seat/seat'

/** What shall be remapped. Context and chord may be empty: the command's home, and no chord yet. */
export interface Remapping {
  command: string
  context: string
  chord: string
  /** Ids with commas between: the suites whose keyboards an offer must work at too. */
  suites: string
  gesture: Schema['Gesture']
}

const remapQuery = (application: string, { command, gesture, ...optional }: Remapping, seat: Seat) => {
  const given = Object.fromEntries(Object.entries(optional).filter(([, value]) => value !== ''))
  const query = { command, ...seat, ...given, ...(gesture === 'tap' ? {} : { gesture }) }
  return queryOptions({
    queryKey: [...KIT, 'remap', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/remap', { params: { path: { application }, query } })),
    enabled: application !== '' && command !== '',
    placeholderData: keepPreviousData,
  })
}

/** Asks before the page has followed the hand, so that the answer is on its way while it is drawn. */
export function useAskAhead(application: string): (remapping: Remapping) => void {
  const client = useQueryClient()
  const seat = useSeat()
  // What is refused is told where the answer is shown.
  return (remapping) => void client.query(remapQuery(application, remapping, seat)).catch(() => undefined)
}

export const useRemap = (application: string, remapping: Remapping) => useQuery(remapQuery(application, remapping, useSeat()))

export type BulkEdit = NonNullable<paths['/applications/{application}/bulk-edit']['post']['requestBody']>['content']['application/json']

const bulkEditQuery = (application: string, edit: BulkEdit | null, query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'bulk-edit', application, edit, query],
    queryFn: () =>
      answer(
        api.POST('/applications/{application}/bulk-edit', { params: { path: { application }, query }, body: edit ?? { kind: 'to-layer' } }),
      ),
    enabled: edit !== null,
    placeholderData: keepPreviousData,
  })

/** What one change of many bindings would be. @param edit null while it is not complete */
export const useBulkEdit = (application: string, edit: BulkEdit | null) => useQuery(bulkEditQuery(application, edit, useSeat()))
