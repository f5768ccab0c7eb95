import { answer, api, upload } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Reading a usage log in place of the one before, or forgetting it, with null. */
export function useUsageLog() {
  const query = useSeat()
  return useWrite(
    (log: File | null) =>
      answer(log === null ? api.DELETE('/usage', { params: { query } }) : api.POST('/usage', { params: { query }, ...upload(log) })),
    { forgets: [KIT] },
  )
}
