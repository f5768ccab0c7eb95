import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Saving what was carried over as a keymap. */
export function useSaveCarryOver(onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    (body: Schema['CarryOverWanted'] & { name: string }) => answer(api.POST('/carry-overs/keymaps', { params: { query }, body })),
    {
      forgets: [KIT],
      onDone,
    },
  )
}
