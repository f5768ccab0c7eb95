import { use } from 'react'
import { answer, api } from '../../api/client'
import { ChangeContext } from '../../keymap/changes'
import { useSeat } from '../../seat/seat'

/** Exchanges what two presses run with the focus in one context. What follows from it is worked out, and asked about, by the server. */
export function useSwapKeys(application: string): (one: string, other: string, context: string, onMade: () => void) => void {
  const query = useSeat()
  const { make } = use(ChangeContext)
  return (one, other, context, onMade) => {
    answer(
      api.POST('/applications/{application}/bulk-edit', {
        params: { path: { application }, query },
        body: { kind: 'exchange-keys', one, other, context },
      }),
    ).then(
      ({ change }) => {
        if (change.added.length > 0) make({ application, title: `Swap ${named(one)} and ${named(other)}`, change, onMade })
      },
      () => undefined,
    )
  }
}

/** A press in short, for a title: the modifiers and the key without the word for its kind. */
const named = (press: string): string => press.replace(/(Key|Digit)(?=[A-Z0-9]$)/, '')
