import { answer, api } from '../api/client'
import { SUITES } from '../api/keys'
import { useWrite } from '../parts/useWrite'

/** Noting which keyboard stands in a suite. */
export function useNoteKeyboard(onDone: () => unknown) {
  return useWrite(
    ({ suite, ...body }: { suite: string; board: string; layout: string }) =>
      answer(api.PATCH('/suites/{suite}', { params: { path: { suite } }, body })),
    { forgets: [SUITES], onDone },
  )
}
