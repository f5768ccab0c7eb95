import { answer, api, type Schema } from '../../api/client'
import { KIT, SUITES } from '../../api/keys'
import type { Answers } from '../../parts/MergeQuestions'
import type { Yes } from '../../parts/Problems'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

export interface ReleaseOrder extends Yes {
  to: number | { name: string }
  note: string
  /** Ids of fixed bindings by application; left out for those of the release before. */
  fixed?: Record<string, string[]>
}

/** Saving one's kit as a release of a preset, or as a new preset of that name. */
export function useSaveRelease(onDone: (release: Schema['Release']) => unknown) {
  const query = useSeat()
  return useWrite(
    ({ to, note, accept, reason, fixed }: ReleaseOrder) => {
      const body = { note, accept, reason: reason.trim() || null, ...(fixed === undefined ? {} : { fixed }) }
      return answer(
        typeof to === 'number'
          ? api.POST('/presets/{preset}/releases', { params: { path: { preset: to }, query }, body })
          : api.POST('/presets', { params: { query }, body: { name: to.name, ...body } }),
      )
    },
    { forgets: [KIT, SUITES], onDone },
  )
}

export type Shared = Pick<Schema['Preset'], 'audience' | 'people' | 'is_standard'>

export function useShare(preset: number) {
  const query = useSeat()
  return useWrite((body: Shared) => answer(api.PATCH('/presets/{preset}', { params: { path: { preset }, query }, body })), {
    forgets: [KIT, SUITES],
  })
}

/** Being told of what is new in a preset, or no more. */
export function useFollowPreset(preset: number) {
  const query = useSeat()
  return useWrite(
    (from: 'now' | 'beginning' | null) =>
      answer(
        from === null
          ? api.DELETE('/presets/{preset}/following', { params: { path: { preset }, query } })
          : api.PUT('/presets/{preset}/following', { params: { path: { preset }, query }, body: { from } }),
      ),
    { forgets: [KIT] },
  )
}

export interface TakeNews {
  up_to: number
  answers: Answers
  versions: Record<string, number>
}

export function useTakeNews(preset: number, onDone: () => unknown) {
  const query = useSeat()
  return useWrite((body: TakeNews) => answer(api.POST('/presets/{preset}/news', { params: { path: { preset }, query }, body })), {
    forgets: [KIT, SUITES],
    onDone,
  })
}

/** All keymaps of a release in use. */
export function useOpenKit(release: number) {
  const query = useSeat()
  return useWrite(() => answer(api.POST('/releases/{release}/kit', { params: { path: { release }, query } })), { forgets: [KIT, SUITES] })
}

/** Looking into an archive, or taking it in under a name. */
export function useArchive() {
  const query = useSeat()
  return useWrite(
    ({ file, name }: { file: File; name: string | null }) => {
      const form = new FormData()
      form.append('file', file)
      if (name !== null) form.append('name', name)
      // The description names the members; what is sent is the form.
      return answer(api.POST('/archives', { params: { query }, body: { file: '' }, bodySerializer: () => form }))
    },
    { forgets: [KIT] },
  )
}
