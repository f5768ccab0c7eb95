import { use, type ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { ChangeContext, type WantedChange } from './changes'

interface Props {
  wanted: WantedChange
  /** A quiet one is a word in the text, a doubtful one leads to a fault. */
  look?: 'usual' | 'doubtful' | 'quiet'
  isDisabled?: boolean
  children: ReactNode
}

/** Makes a change of keymaps. While one is being made no other can be begun. */
export function ChangeButton({ wanted, look = 'usual', isDisabled = false, children }: Props) {
  const { make, isMaking } = use(ChangeContext)
  const isOff = isDisabled || isMaking
  const begin = () => {
    make(wanted)
  }
  if (look === 'quiet') {
    return (
      <button type="button" className="plain" disabled={isOff} onClick={begin}>
        {children}
      </button>
    )
  }
  return (
    <Button variant={look === 'doubtful' ? 'outline-secondary' : 'primary'} disabled={isOff} onClick={begin}>
      {children}
    </Button>
  )
}
