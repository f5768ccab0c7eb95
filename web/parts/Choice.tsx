interface Props {
  label: string
  value: string
  of: readonly { id: string | number; name: string }[]
  onChange: (id: string) => void
  /** What stands first for no choice. */
  none?: string
}

/** A named list to choose one of. */
export function Choice({ label, value, of, onChange, none }: Props) {
  return (
    <label>
      {label}
      <select className="form-select form-select-sm" value={value} onChange={(event) => onChange(event.target.value)}>
        {none !== undefined && <option value="">{none}</option>}
        {of.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
