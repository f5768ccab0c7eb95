import { useId } from 'react'
import Form from 'react-bootstrap/Form'

interface Props {
  label: string
  value: string
  onChange: (value: string) => void
  type?: 'text' | 'email' | 'password'
  autoComplete?: string
  /** Said below it, and read with it. */
  help?: string
  inputMode?: 'numeric'
  isRequired?: boolean
  takesFocus?: boolean
}

/** A named line to write in. */
export function Field({
  label,
  value,
  onChange,
  type = 'text',
  autoComplete,
  help,
  inputMode,
  isRequired = true,
  takesFocus = false,
}: Props) {
  const id = useId()
  return (
    <div className="mb-3">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        type={type}
        required={isRequired}
        value={value}
        autoComplete={autoComplete}
        inputMode={inputMode}
        // eslint-disable-next-line jsx-a11y/no-autofocus -- the page was opened for this field
        autoFocus={takesFocus}
        aria-describedby={help === undefined ? undefined : `${id}-help`}
        onChange={(event) => onChange(event.target.value)}
      />
      {help !== undefined && <Form.Text id={`${id}-help`}>{help}</Form.Text>}
    </div>
  )
}

interface NewPasswordProps {
  label?: string
  value: string
  onChange: (value: string) => void
  /** Said after what a password must be. */
  also?: string
  takesFocus?: boolean
}

/** Where a new password is written, with what it must be. */
export function NewPasswordField({ label = 'Password', also, ...rest }: NewPasswordProps) {
  const help = ['12 characters or more; a few words in a row are good.', also].filter(Boolean).join(' ')
  return <Field label={label} type="password" autoComplete="new-password" help={help} {...rest} />
}
