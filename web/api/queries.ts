import { keepPreviousData, QueryClient, useQuery } from '@tanstack/react-query'
import { useSeat, type Seat } from '../seat/seat'
import { answer, api, ProblemError, type Schema } from './client'
import type { paths } from './schema'

export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (times, error) => times < 2 && error instanceof ProblemError && error.problem.status === 0,
    },
  },
})

/** How often rooms and running rehearsals are looked at again, in ms. */
const ROOMS_EVERY = 1_500
const PRESSES_EVERY = 200
const PROGRESS_EVERY = 350

export const useSession = () =>
  useQuery({ queryKey: ['session'], queryFn: () => answer(api.GET('/session')), staleTime: Infinity })

export const useApplications = () =>
  useQuery({ queryKey: ['applications'], queryFn: () => answer(api.GET('/applications')), staleTime: Infinity })

/** Here and below: an application with an empty id is one that is not known yet, and is not asked for. */
export const useCatalogue = (application: string) =>
  useQuery({
    queryKey: ['catalogue', application],
    queryFn: () => answer(api.GET('/applications/{application}', { params: { path: { application } } })),
    enabled: application !== '',
    staleTime: Infinity,
  })

export const useKeymaps = () =>
  useQuery({ queryKey: ['kit', 'keymaps'], queryFn: () => answer(api.GET('/keymaps')) })

export function useKeymap(application: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'keymap', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/keymap', { params: { path: { application }, query } })),
    enabled: application !== '',
  })
}

export function useWho(chord: string) {
  const seat = useSeat()
  return useQuery({
    queryKey: ['kit', 'who', chord, seat],
    queryFn: () => answer(api.GET('/who', { params: { query: { chord, ...seat } } })),
    enabled: chord !== '',
    placeholderData: keepPreviousData,
  })
}

/** @param narrowed application, context and kind; what is empty is not narrowed */
export function useFind(words: string, narrowed: Partial<Record<'application' | 'context' | 'only', string>> = {}) {
  const seat = useSeat()
  const query = { words, ...seat, ...Object.fromEntries(Object.entries(narrowed).filter(([, value]) => value !== '')) }
  return useQuery({
    queryKey: ['kit', 'find', query],
    queryFn: () => answer(api.GET('/find', { params: { query } })),
    enabled: words.trim() !== '',
    placeholderData: keepPreviousData,
  })
}

/** What every press does, for as long as the keymaps stay as they are. */
export function useTable() {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'table', query],
    queryFn: () => answer(api.GET('/table', { params: { query } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
}

export function useTravel(to: Seat | null) {
  const seat = useSeat()
  const query = { to_board: to?.board ?? '', to_layout: to?.layout ?? '', to_system: to?.system ?? 'linux', ...seat }
  return useQuery({ queryKey: ['kit', 'travel', query], queryFn: () => answer(api.GET('/travel', { params: { query } })), enabled: to !== null })
}

export const useKeyboards = () =>
  useQuery({ queryKey: ['keyboards'], queryFn: () => answer(api.GET('/keyboards')), staleTime: Infinity })

/** @param wish context and chord may be empty: the command's home, and no chord yet */
export function useRemap(application: string, wish: { command: string; context: string; chord: string; rooms: string; gesture: 'tap' | 'hold' }) {
  const seat = useSeat()
  const query = {
    command: wish.command, ...seat,
    ...(wish.context === '' ? {} : { context: wish.context }),
    ...(wish.chord === '' ? {} : { chord: wish.chord }),
    ...(wish.rooms === '' ? {} : { rooms: wish.rooms }),
    ...(wish.gesture === 'tap' ? {} : { gesture: wish.gesture }),
  }
  return useQuery({
    queryKey: ['kit', 'remap', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/remap', { params: { path: { application }, query } })),
    enabled: application !== '' && wish.command !== '',
    placeholderData: keepPreviousData,
  })
}

export function useClashes(application: string, withParallels: boolean) {
  const seat = useSeat()
  const query = withParallels ? { ...seat, parallels: '1' as const } : seat
  return useQuery({
    queryKey: ['kit', 'clashes', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/clashes', { params: { path: { application }, query } })),
    enabled: application !== '',
    placeholderData: keepPreviousData,
  })
}

export function useSettlement(application: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'settlement', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/settlement', { params: { path: { application }, query } })),
  })
}

/** @param other saved, factory, or the id of another keymap */
export function useComparison(keymap: number, other: string) {
  const query = { with: other, ...useSeat() }
  return useQuery({
    queryKey: ['kit', 'comparison', keymap, query],
    queryFn: () => answer(api.GET('/keymaps/{keymap}/comparison', { params: { path: { keymap }, query } })),
    placeholderData: keepPreviousData,
  })
}

export type SeveralWish = NonNullable<paths['/applications/{application}/several']['post']['requestBody']>['content']['application/json']

/** @param wish null while it is not complete */
export function useSeveral(application: string, wish: SeveralWish | null) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'several', application, wish, query],
    queryFn: () => answer(api.POST('/applications/{application}/several', { params: { path: { application }, query }, body: wish ?? { kind: 'to-layer' } })),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
  })
}

export function useRemedies(application: string, clash: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'remedies', application, clash, query],
    queryFn: () => answer(api.GET('/applications/{application}/clashes/{clash}', { params: { path: { application, clash }, query } })),
    enabled: application !== '' && clash !== '',
  })
}

/**
 * @param applications ids with commas between; empty for all
 * @param within id of the one application whose contexts are compared instead; empty for none
 */
export function useStripes(applications: string, within: string) {
  const seat = useSeat()
  const query = { ...seat, ...(applications === '' ? {} : { applications }), ...(within === '' ? {} : { within }) }
  return useQuery({ queryKey: ['kit', 'stripes', query], queryFn: () => answer(api.GET('/stripes', { params: { query } })), placeholderData: keepPreviousData })
}

/** @param applications ids with commas between; empty for all */
export function useFalseFriends(applications: string) {
  const seat = useSeat()
  const query = applications === '' ? seat : { ...seat, applications }
  return useQuery({ queryKey: ['kit', 'false-friends', query], queryFn: () => answer(api.GET('/false-friends', { params: { query } })), placeholderData: keepPreviousData })
}

export function useIntents() {
  const query = useSeat()
  return useQuery({ queryKey: ['kit', 'intents', query], queryFn: () => answer(api.GET('/intents', { params: { query } })) })
}

export function useMatches(application: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'matches', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/matches', { params: { path: { application }, query } })),
    enabled: application !== '',
  })
}

export function useUsage() {
  const query = useSeat()
  return useQuery({ queryKey: ['kit', 'usage', query], queryFn: () => answer(api.GET('/usage', { params: { query } })) })
}

export function useFamiliarity(suite: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'familiarity', suite, query],
    queryFn: () => answer(api.GET('/suites/{suite}/familiarity', { params: { path: { suite }, query } })),
    enabled: suite !== '',
  })
}

/** @param wish null asks nothing */
export function useCarryOver(wish: Schema['CarryOverWish'] | null) {
  const query = useSeat()
  return useQuery({
    queryKey: ['kit', 'carry-over', wish, query],
    queryFn: () => answer(api.POST('/carry-overs', { params: { query }, body: wish ?? { target: '', sources: [] } })),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
  })
}

/** @param id 0 for none */
export function useHarmonisation(id: number) {
  const query = useSeat()
  return useQuery({
    queryKey: ['harmonisation', id, query],
    queryFn: () => answer(api.GET('/harmonisations/{harmonisation}', { params: { path: { harmonisation: id }, query } })),
    enabled: id !== 0,
    refetchInterval: ({ state }) => state.data?.is_over === false ? PROGRESS_EVERY : false,
  })
}

export function useKeyFile(id: number) {
  const query = useSeat()
  return useQuery({
    queryKey: ['key-file', id, query],
    queryFn: () => answer(api.GET('/key-files/{keyFile}', { params: { path: { keyFile: id }, query } })),
  })
}

export const usePresets = () =>
  useQuery({ queryKey: ['kit', 'presets'], queryFn: () => answer(api.GET('/presets')) })

export const useSuites = () =>
  useQuery({ queryKey: ['suites'], queryFn: () => answer(api.GET('/suites')), refetchInterval: ROOMS_EVERY })

export function useRehearsal(id: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['rehearsal', id, query],
    queryFn: () => answer(api.GET('/rehearsals/{rehearsal}', { params: { path: { rehearsal: id }, query } })),
    enabled: id !== '',
    placeholderData: keepPreviousData,
    refetchInterval: ({ state }) => state.data?.presses.some((press) => press.state === 'waiting' || press.state === 'sent') === true ? PRESSES_EVERY : ROOMS_EVERY,
  })
}

/** After anything that changes keymaps: all that is computed from them is asked for again. */
export const forgetKit = () => queries.invalidateQueries({ queryKey: ['kit'] })

export const forgetSuites = () => queries.invalidateQueries({ queryKey: ['suites'] })
