import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT, SITTINGS, SUITES } from '../../api/keys'
import { useSeat } from '../../seat/seat'

/** What a release would change where. Nothing is asked while no suite is chosen. */
export function useDryRun(release: number | null, suites: readonly string[]) {
  const query = useSeat()
  return useQuery({
    queryKey: [...SUITES, 'dry-run', release, suites, query],
    queryFn: () => answer(api.POST('/dry-runs', { params: { query }, body: { release: release ?? 0, suites: [...suites] } })),
    enabled: release !== null && suites.length > 0,
  })
}

export function useSittingPreview(suite: string) {
  const query = useSeat()
  return useQuery({
    queryKey: [...KIT, 'sitting', suite],
    queryFn: () => answer(api.GET('/suites/{suite}/sitting', { params: { path: { suite }, query } })),
    enabled: suite !== '',
  })
}

export function useHandChange(suite: string, application: string) {
  const query = useSeat()
  return useQuery({
    queryKey: [...SUITES, suite, 'file', application],
    queryFn: () => answer(api.GET('/suites/{suite}/files/{application}', { params: { path: { suite, application }, query } })),
  })
}

export function useOffer(sitting: number, application: string) {
  const query = useSeat()
  return useQuery({
    queryKey: [...SITTINGS, sitting, application, query],
    queryFn: () => answer(api.GET('/sittings/{sitting}/offers/{application}', { params: { path: { sitting, application }, query } })),
  })
}
