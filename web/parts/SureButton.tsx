import { useState } from 'react'

interface Props {
  children: string
  /** What is asked before it is done. */
  question: string
  onSure: () => void
  isSending?: boolean
}

/** Something that cannot be taken back: asked once more, in its own words. */
export function SureButton({ children, question, onSure, isSending = false }: Props) {
  const [isAsking, setAsking] = useState(false)
  if (!isAsking) {
    return (
      <button type="button" className="plain" disabled={isSending} onClick={() => setAsking(true)}>
        {children}
      </button>
    )
  }
  return (
    <span role="group" aria-label={question}>
      {question}{' '}
      <button
        type="button"
        className="btn btn-outline-danger btn-sm"
        // eslint-disable-next-line jsx-a11y/no-autofocus -- takes the focus of the button that was pressed
        autoFocus
        disabled={isSending}
        onClick={() => {
          setAsking(false)
          onSure()
        }}
      >
        Yes, {children.toLowerCase()}
      </button>{' '}
      <button type="button" className="plain" onClick={() => setAsking(false)}>
        No
      </button>
    </span>
  )
}
