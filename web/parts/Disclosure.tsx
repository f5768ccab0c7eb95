import { useState, type ReactNode } from 'react'

interface Props {
  className?: string | undefined
  'data-testid'?: string
  summary: ReactNode
  children: () => ReactNode
}

/** Something that is worked out and drawn only while it is open. */
export function Disclosure({ summary, children, ...rest }: Props) {
  const [isOpen, setOpen] = useState(false)
  return (
    <details {...rest} open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{summary}</summary>
      {isOpen && children()}
    </details>
  )
}
