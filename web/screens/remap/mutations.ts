import { use } from 'react'
import { answer, api } from '../../api/client'
import { useTable } from '../../board/queries'
import { splitPress, type Table } from '../../board/table'
import { ChangeContext } from '../../keymap/changes'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

interface Swap {
  one: string
  other: string
  context: string
  onMade: () => void
}

/**
 * Exchanges what two presses run with the focus in one context. What follows from it is worked out, and asked about, by the server.
 * `isNothing` says that neither of them runs anything there.
 */
export function useSwapKeys(application: string): { swap: (swap: Swap) => void; error: Error | null; isNothing: boolean } {
  const query = useSeat()
  const table = useTable().data
  const { make } = use(ChangeContext)
  const { send, error, made } = useWrite(async ({ one, other, context, onMade }: Swap) => {
    const body = { kind: 'exchange-keys' as const, one, other, context }
    const { change } = await answer(api.POST('/applications/{application}/bulk-edit', { params: { path: { application }, query }, body }))
    const isSwap = change.added.length > 0
    if (isSwap) make({ application, title: `Swap ${named(one, table)} and ${named(other, table)}`, change, onMade })
    return isSwap
  })
  return { swap: send, error, isNothing: made === false }
}

/** A press by what stands on its keys. */
function named(press: string, table: Table | undefined): string {
  const { layer, key } = splitPress(press)
  const held = table?.layers.find(({ id }) => id === layer)?.caps ?? []
  return [...held, table?.board.keys.find((one) => one.key === key)?.name ?? key].join(' ')
}
