import { useApplications } from '../../api/queries'

interface Props { application: string; context: string; only: string; onNarrow: (next: Record<string, string>) => void }

const KINDS = { bound: 'with a chord', unbound: 'without a chord', changed: 'changed by me', unchanged: 'as in the factory keymap', unsaved: 'changed since save', 'menu-only': 'in a menu only' }

/** Narrows a search; what is chosen stands in the address. */
export function Narrow({ application, context, only, onNarrow }: Props) {
  const applications = (useApplications().data?.applications ?? []).filter((one) => !one.is_desktop)
  const contexts = applications.find(({ id }) => id === application)?.contexts ?? []
  return (
    <p className="narrow">
      in{' '}
      <select aria-label="Application" value={application} onChange={(event) => { onNarrow({ application: event.target.value, context: '' }) }}>
        <option value="">every application</option>
        {applications.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
      </select>
      {contexts.length > 0 && (
        <select aria-label="Context" value={context} onChange={(event) => { onNarrow({ context: event.target.value }) }}>
          <option value="">every context</option>
          {contexts.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
        </select>
      )}
      <select aria-label="Kind" value={only} onChange={(event) => { onNarrow({ only: event.target.value }) }}>
        <option value="">every command</option>
        {Object.entries(KINDS).map(([id, name]) => <option key={id} value={id}>{name}</option>)}
      </select>
      {application + context + only !== '' && <button type="button" className="plain" onClick={() => { onNarrow({ application: '', context: '', only: '' }) }}>all again</button>}
    </p>
  )
}
