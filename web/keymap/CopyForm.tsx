import { useState } from 'react'
import { ProblemNote } from '../parts/ProblemNote'
import css from './keymap.module.css'
import { useCopyKeymap } from './mutations'
import { NameField } from './NameField'

interface Props {
  application: string
  from: { copy_of: number } | { release: number } | 'factory'
  /** What is copied, in words. */
  called: string
  onDone: () => unknown
}

/** Names a keymap that begins where another one or a release is. It is not in use until it is chosen. */
export function CopyForm({ application, from, called, onDone }: Props) {
  const [name, setName] = useState(from === 'factory' ? 'My keys' : `${called}, a copy`)
  const { send, isSending, error } = useCopyKeymap(application, onDone)
  return (
    <form
      className={css.copyForm}
      onSubmit={(event) => {
        event.preventDefault()
        send({ name: name.trim(), ...(from === 'factory' ? {} : from) })
      }}
    >
      <NameField label="Name of the new keymap" value={name} onChange={setName} />
      <button type="submit" className="btn btn-sm btn-outline-secondary" disabled={isSending}>
        Make it
      </button>
      <span className="quiet">{from === 'factory' ? 'It is in use from then on.' : 'It is not in use until you choose it.'}</span>
      <ProblemNote error={error} />
    </form>
  )
}
