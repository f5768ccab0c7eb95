import { answer, api, type Schema } from '../api/client'
import { KIT } from '../api/keys'
import { useWrite } from '../parts/useWrite'
import { useSeat } from '../seat/seat'

const FORGETS = { forgets: [KIT] }

interface At {
  keymap: number
  version: number
}

/** Undoing, redoing or saving a keymap. */
export function useHistoryStep() {
  const query = useSeat()
  return useWrite(({ keymap, version, step }: At & { step: 'undo' | 'redo' | 'save' }) => {
    const init = { params: { path: { keymap }, query }, body: { version } }
    if (step === 'save') return answer(api.POST('/keymaps/{keymap}/save', init))
    return answer(step === 'undo' ? api.POST('/keymaps/{keymap}/undo', init) : api.POST('/keymaps/{keymap}/redo', init))
  }, FORGETS)
}

type Revert = At & { to: 'saved' | 'factory'; context?: string; command?: string }

/** Going back to the last save or the factory keymap. */
export function useRevert() {
  const query = useSeat()
  return useWrite(
    ({ keymap, ...body }: Revert) => answer(api.POST('/keymaps/{keymap}/revert', { params: { path: { keymap }, query }, body })),
    FORGETS,
  )
}

/** Opening a key file that was brought in as a keymap. */
export function useOpenKeyFile(application: string, onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    (body: { name: string; key_file: number }) =>
      answer(api.POST('/applications/{application}/keymaps', { params: { path: { application }, query }, body })),
    { ...FORGETS, onDone },
  )
}

export type Shelving =
  | { do: 'use-factory' }
  | { do: 'use' | 'delete' | 'restore'; keymap: number }
  | { do: 'label'; keymap: number; name: string; tags: string[] }

/** Switching, labelling, deleting and restoring the keymaps of an application. */
export function useShelving(application: string, onDone: () => unknown) {
  const query = useSeat()
  return useWrite<Shelving, Schema['Keymap'] | Schema['Keymaps']>(
    (shelving) => {
      if (shelving.do === 'use-factory')
        return answer(api.POST('/applications/{application}/use-factory', { params: { path: { application }, query } }))
      const params = { path: { keymap: shelving.keymap }, query }
      switch (shelving.do) {
        case 'use':
          return answer(api.POST('/keymaps/{keymap}/use', { params }))
        case 'delete':
          return answer(api.DELETE('/keymaps/{keymap}', { params }))
        case 'restore':
          return answer(api.POST('/keymaps/{keymap}/restore', { params }))
        case 'label':
          return answer(api.PATCH('/keymaps/{keymap}', { params, body: { name: shelving.name, tags: shelving.tags } }))
      }
    },
    { ...FORGETS, onDone },
  )
}
