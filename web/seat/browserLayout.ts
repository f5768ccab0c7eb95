import { useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../api/client'

interface Keyboard {
  getLayoutMap: () => Promise<ReadonlyMap<string, string>>
}

/** The layout that fits what the browser tells of its keys; null where it tells nothing, or nothing fits, or it is not known yet. */
export const useLayoutProposal = (): Schema['Named'] | null =>
  useQuery({ queryKey: ['layout-proposal'], queryFn: proposedLayout, staleTime: Infinity }).data ?? null

async function proposedLayout(): Promise<Schema['Named'] | null> {
  const keyboard = (navigator as { keyboard?: Keyboard }).keyboard
  if (keyboard === undefined) return null
  try {
    const keys = Object.fromEntries(await keyboard.getLayoutMap())
    return Object.keys(keys).length === 0 ? null : (await answer(api.POST('/layout-proposals', { body: { keys } }))).layout
  } catch {
    return null
  }
}
