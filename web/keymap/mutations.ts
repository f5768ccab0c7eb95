import { answer, api, type Schema } from '../api/client'
import { KIT } from '../api/keys'
import { useWrite } from '../parts/useWrite'
import { useSeat } from '../seat/seat'

const FORGETS = { forgets: [KIT] }

/** Saving a keymap: the point that one can go back to. */
export function useSaveKeymap() {
  const query = useSeat()
  return useWrite(
    ({ keymap, version }: { keymap: number; version: number }) =>
      answer(api.POST('/keymaps/{keymap}/save', { params: { path: { keymap }, query }, body: { version } })),
    FORGETS,
  )
}

/** A keymap of one's own that begins where another one or a release is now. */
export function useCopyKeymap(application: string, onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    (body: { name: string; copy_of?: number; release?: number }) =>
      answer(api.POST('/applications/{application}/keymaps', { params: { path: { application }, query }, body })),
    { ...FORGETS, onDone },
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
