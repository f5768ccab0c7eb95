import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Schema } from '../../api/client'
import { useKeymaps } from '../../keymap/queries'
import { Asking } from '../../parts/Asking'
import css from './harmonise.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  lines: Schema['HarmonisedLine'][]
  /** Lines of which something was said: the rest is searched again before anything is written. */
  saidOf: number
  isSending: boolean
  onApply: (name: string) => void
}

/** Writes the found chords to all keymaps, after showing to which and how many. */
export function ApplyPanel({ lines, saidOf, isSending, onApply }: Props) {
  const keymaps = useKeymaps()
  const [isAsking, setAsking] = useState(false)
  if (saidOf > 0) return <p className="quiet">Search again first, so that the rest fits what you said.</p>
  if (!isAsking)
    return (
      <Button size="sm" disabled={lines.length === 0 || isSending} onClick={() => setAsking(true)}>
        Apply to all keymaps …
      </Button>
    )
  return (
    <Asking of={keymaps}>
      {(inUse) => <Question lines={lines} inUse={inUse} isSending={isSending} onApply={onApply} onLeave={() => setAsking(false)} />}
    </Asking>
  )
}

interface QuestionProps extends Omit<Props, 'saidOf'> {
  inUse: Schema['Keymaps']
  onLeave: () => void
}

function Question({ lines, inUse, isSending, onApply, onLeave }: QuestionProps) {
  const [name, setName] = useState('Harmonised')
  const applications = [...new Map(lines.map(({ application }) => [application.id, application.name])).entries()]
  const keymapOf = (id: string) => inUse.keymaps.find((one) => one.application === id && one.in_use)?.name
  const copies = applications.filter(([id]) => keymapOf(id) === undefined).length
  return (
    <Form
      className={css.question}
      aria-label="Apply to all keymaps"
      onSubmit={(event) => {
        event.preventDefault()
        onApply(name.trim())
      }}
    >
      <p>
        This writes <strong>{lines.length === 1 ? 'one chord' : `${lines.length} chords`}</strong> to{' '}
        {applications.length === 1 ? 'one keymap' : `${applications.length} keymaps`}, in one step that can be undone:
      </p>
      <ul>
        {applications.map(([id, application]) => (
          <li key={id}>
            {application}: {lines.filter((line) => line.application.id === id).length} in{' '}
            {keymapOf(id) ?? 'a copy of the factory keymap, which is in use from then on'}
          </li>
        ))}
      </ul>
      <div className={layout.saveAs}>
        {copies > 0 && (
          <>
            <Form.Label htmlFor="harmonised-name">Copies of factory keymaps are called</Form.Label>
            <Form.Control id="harmonised-name" size="sm" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
          </>
        )}
        <Button type="submit" size="sm" disabled={name.trim() === '' || isSending}>
          Write them
        </Button>
        <Button size="sm" variant="outline-secondary" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </Form>
  )
}
