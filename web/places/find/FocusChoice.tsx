import type { Table, TableApplication } from '../../board/table'

interface Props { table: Table; application: TableApplication; context: string; onChoose: (next: Record<string, string>) => void }

/** Which application, and where in it the focus is. */
export function FocusChoice({ table, application, context, onChoose }: Props) {
  return (
    <p className="focus-choice">
      The board in{' '}
      <select aria-label="Application" value={application.id} onChange={(event) => { onChoose({ application: event.target.value, context: '' }) }}>
        {table.applications.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
      </select>
      , with the focus in{' '}
      <select aria-label="Context" value={context} onChange={(event) => { onChoose({ application: application.id, context: event.target.value }) }}>
        {application.contexts.map(({ id, name, depth }) => <option key={id} value={id}>{'\u2003'.repeat(Math.max(0, depth - 1))}{name}</option>)}
        <option value="all">all contexts together</option>
      </select>
      <span className="quiet"> keymap {application.keymap}</span>
    </p>
  )
}
