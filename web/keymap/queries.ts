import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import { KIT } from '../api/keys'
import { useSeat, type Seat } from '../seat/seat'

const keymapsQuery = queryOptions({ queryKey: [...KIT, 'keymaps'], queryFn: () => answer(api.GET('/keymaps')) })

export const useKeymaps = () => useQuery(keymapsQuery)

export const keymapQuery = (application: string, seat: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'keymap', application, seat],
    queryFn: () => answer(api.GET('/applications/{application}/keymap', { params: { path: { application }, query: seat } })),
    enabled: application !== '',
  })

/** @param application id; empty while it is not known */
export const useKeymap = (application: string) => useQuery(keymapQuery(application, useSeat()))

/** Those of the keymaps in use that their applications refuse. */
export function useRefusedKeymaps() {
  const query = useSeat()
  return useQuery({
    queryKey: [...KIT, 'refused', query],
    queryFn: () => answer(api.GET('/refused-keymaps', { params: { query } })),
  })
}

/**
 * What giving a command a chord would mean, or the free chords for it.
 *
 * @param context id; empty for the command's home
 * @param chord id; empty for none yet
 */
export function useMending(application: string, command: string, context: string, chord: string) {
  const query = { ...useSeat(), command, ...(context === '' ? {} : { context }), ...(chord === '' ? {} : { chord }) }
  return useQuery({
    queryKey: [...KIT, 'remap', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/remap', { params: { path: { application }, query } })),
  })
}
