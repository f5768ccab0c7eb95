import { useRefusedKeymaps } from './queries'
import { KeymapState } from './KeymapState'

/** Says of each application whose key file is refused as it is now that none of its keys works, and the way out. */
export function RefusedKeymaps() {
  return useRefusedKeymaps().data?.keymaps.map(({ application, sentence }) => (
    <KeymapState key={application.id} keymap={{ application, refused: sentence, notices: [] }} />
  ))
}
