import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

export interface SaidMatch {
  command: string
  intent: string | null
  is_near?: boolean
  difference?: string | null
}

/** Saying what commands of an application are for. */
export function useSayMatches(application: string) {
  const query = useSeat()
  return useWrite(
    (matches: SaidMatch[]) =>
      answer(api.PUT('/applications/{application}/matches', { params: { path: { application }, query }, body: { matches } })),
    { forgets: [KIT] },
  )
}

type OwnIntent = Pick<Schema['IntentLong'], 'name' | 'group' | 'frequency' | 'synonyms'>

/** Adding an intent of one's own. */
export const useAddIntent = (onDone: () => unknown) => {
  const query = useSeat()
  return useWrite((body: OwnIntent) => answer(api.POST('/intents', { params: { query }, body })), { forgets: [KIT], onDone })
}

/** Removing an intent of one's own, by its number. */
export const useRemoveIntent = () => {
  const query = useSeat()
  return useWrite((ownIntent: number) => answer(api.DELETE('/intents/{ownIntent}', { params: { path: { ownIntent }, query } })), {
    forgets: [KIT],
  })
}
