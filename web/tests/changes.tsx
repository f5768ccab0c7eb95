import { use, type ReactNode } from 'react'
import { ChangeProvider } from '../keymap/ChangeProvider'
import { ChangeContext } from '../keymap/changes'
import { ListeningProvider } from '../listening/Listening'

/** Where the frame shows what was done last. */
const Told = () => use(ChangeContext).notice

/** What screens that change keymaps stand in. */
export function WithChanges({ children }: { children: ReactNode }) {
  return (
    <ListeningProvider>
      <ChangeProvider>
        <Told />
        {children}
      </ChangeProvider>
    </ListeningProvider>
  )
}
