import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Saving one's kit as a release of a preset, or as a new preset of that name. */
export function useSaveRelease(onDone: (release: Schema['Release']) => unknown) {
  const query = useSeat()
  return useWrite(
    ({ to, note }: { to: number | { name: string }; note: string }) =>
      answer(
        typeof to === 'number'
          ? api.POST('/presets/{preset}/releases', { params: { path: { preset: to }, query }, body: { note } })
          : api.POST('/presets', { params: { query }, body: { name: to.name, note } }),
      ),
    { forgets: [KIT], onDone },
  )
}
