import { answer, api, type Schema } from '../api/client'
import type { Seat } from '../seat/seat'
import type { WantedChange, WayBack } from './changes'

/** A write to a keymap as it is sent: of which version, and whether the clashes that come of it are known. */
export type KeymapWrite = { version: number; despiteClashes: boolean } & (
  | { do: 'change'; wanted: WantedChange; keymap: number }
  | { do: 'copy'; wanted: WantedChange; name: string }
  | { do: 'back'; way: WayBack; keymap: Schema['Keymap'] }
)

export function sendWrite(write: KeymapWrite, query: Seat): Promise<Schema['Keymap']> {
  const { version, despiteClashes: despite_clashes } = write
  switch (write.do) {
    case 'change': {
      const { title, change } = write.wanted
      const params = { path: { keymap: write.keymap }, query }
      return answer(api.POST('/keymaps/{keymap}/changes', { params, body: { version, title, change, despite_clashes } }))
    }
    case 'copy': {
      const { application, title, change } = write.wanted
      const body = { name: write.name, title, change, despite_clashes }
      return answer(api.POST('/applications/{application}/keymaps', { params: { path: { application }, query }, body }))
    }
    case 'back': {
      const { way } = write
      const params = { path: { keymap: write.keymap.id ?? 0 }, query }
      const body = { version, despite_clashes }
      if (way.do === 'undo') return answer(api.POST('/keymaps/{keymap}/undo', { params, body }))
      if (way.do === 'redo') return answer(api.POST('/keymaps/{keymap}/redo', { params, body }))
      const { to, context, command } = way
      const only = { ...(context === undefined ? {} : { context }), ...(command === undefined ? {} : { command }) }
      return answer(api.POST('/keymaps/{keymap}/revert', { params, body: { to, ...only, ...body } }))
    }
  }
}

/** What is said once it is written. */
export function toldOf(write: KeymapWrite): string {
  if (write.do !== 'back') return `${write.wanted.title}.`
  const { keymap, way } = write
  if (way.do === 'undo') return `Undone: ${keymap.undo ?? ''}.`
  if (way.do === 'redo') return `Made again: ${keymap.redo ?? ''}.`
  const what = way.command === undefined && way.context === undefined ? keymap.name : 'What you chose'
  return `${what} is back to ${way.to === 'saved' ? 'the last save' : 'the factory keymap'}.`
}
