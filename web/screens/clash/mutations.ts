import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

/** Accepting a clash as it is, with a reason, or letting it count again, with null. */
export function useAcceptance(application: string, clash: string) {
  const params = { path: { application, clash }, query: useSeat() }
  return useWrite(
    (reason: string | null) =>
      answer(
        reason === null
          ? api.DELETE('/applications/{application}/clashes/{clash}/acceptance', { params })
          : api.PUT('/applications/{application}/clashes/{clash}/acceptance', { params, body: { reason } }),
      ),
    { forgets: [KIT] },
  )
}
