interface Props {
  label: string
  value: string
  onChange: (name: string) => void
}

/** The name of a keymap. */
export function NameField({ label, value, onChange }: Props) {
  return (
    <label>
      {label}{' '}
      <input
        className="form-control form-control-sm"
        required
        maxLength={60}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  )
}
