import { useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import type { Answers } from '../../parts/MergeQuestions'
import { useSeat } from '../../seat/seat'

/** What a release would be if it were made now. @param preset null for a new one */
export function useReleaseDraft(preset: number | null, isWanted: boolean) {
  const query = useSeat()
  return useQuery({
    queryKey: [...KIT, 'release-draft', preset, query],
    queryFn: () => answer(api.GET('/release-drafts', { params: { query: { ...query, ...(preset === null ? {} : { preset }) } } })),
    enabled: isWanted,
  })
}

/** What is new in a preset, as it is with these answers. */
export function useNews(preset: number, answers: Answers) {
  const query = useSeat()
  return useQuery({
    queryKey: [...KIT, 'news', preset, query, answers],
    queryFn: () => answer(api.GET('/presets/{preset}/news', { params: { path: { preset }, query: { ...query, answers } } })),
    placeholderData: (before) => before,
  })
}

export function useFullComparison(before: string, after: string) {
  const query = useSeat()
  return useQuery({
    queryKey: [...KIT, 'comparison', before, after, query],
    // Nothing else than data comes as long as no other format is asked for.
    queryFn: async (): Promise<Schema['FullComparison']> =>
      (await answer(api.GET('/comparisons', { params: { query: { ...query, before, after } } }))) as Schema['FullComparison'],
    enabled: before !== '' && after !== '',
  })
}
