import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Making a keymap for the road, which follows the one in use. */
export function useStartVariant(application: string) {
  const query = useSeat()
  return useWrite(
    (body: { name: string; title: string; change: Schema['Change'] }) =>
      answer(api.POST('/applications/{application}/variants', { params: { path: { application }, query }, body })),
    { forgets: [KIT] },
  )
}
