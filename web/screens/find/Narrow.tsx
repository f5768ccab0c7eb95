import { ApplicationSelect } from '../../parts/AskedSelect'
import { useApplications } from '../../api/applications'
import css from './find.module.css'
import type { Narrowed } from './queries'

interface Props extends Required<Narrowed> {
  /** `menu`, or empty for what is wanted. */
  grouping: string
  onNarrow: (next: Record<string, string>) => void
}

const KINDS = {
  bound: 'with a chord',
  unbound: 'without a chord',
  changed: 'changed by me',
  unchanged: 'as in the factory keymap',
  unsaved: 'changed since save',
  'menu-only': 'in a menu only',
}

/** Narrows a search and groups its answers; what is chosen stands in the address. */
export function Narrow({ application, context, only, grouping, onNarrow }: Props) {
  const contexts = useApplications().data?.applications.find(({ id }) => id === application)?.contexts
  return (
    <p className={css.narrow}>
      in{' '}
      <ApplicationSelect
        label="Application"
        none="every application"
        value={application}
        onChoose={(id) => onNarrow({ application: id, context: '' })}
      />
      {contexts !== undefined && (
        <select aria-label="Context" value={context} onChange={(event) => onNarrow({ context: event.target.value })}>
          <option value="">whatever has the focus</option>
          {contexts.map(({ id, name }) => (
            <option key={id} value={id}>
              works in {name}
            </option>
          ))}
        </select>
      )}
      <select aria-label="Kind" value={only} onChange={(event) => onNarrow({ only: event.target.value })}>
        <option value="">every command</option>
        {Object.entries(KINDS).map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <select aria-label="Grouped by" value={grouping} onChange={(event) => onNarrow({ by: event.target.value })}>
        <option value="">by what is wanted</option>
        <option value="menu">by menu</option>
      </select>
      {application + context + only !== '' && (
        <button type="button" className="plain" onClick={() => onNarrow({ application: '', context: '', only: '' })}>
          all again
        </button>
      )}
    </p>
  )
}
