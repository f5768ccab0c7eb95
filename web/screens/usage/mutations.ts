import { answer, api, upload } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Reading a usage log, or forgetting all that is known, with null. */
export function useUsageLog() {
  const query = useSeat()
  return useWrite(
    (log: File | null) =>
      answer(log === null ? api.DELETE('/usage', { params: { query } }) : api.POST('/usage', { params: { query }, ...upload(log) })),
    { forgets: [KIT] },
  )
}

/** Forgets what one log, or one sitting, told. */
export function useForgetSource() {
  const query = useSeat()
  return useWrite((source: number) => answer(api.DELETE('/usage/{usageSource}', { params: { path: { usageSource: source }, query } })), {
    forgets: [KIT],
  })
}
