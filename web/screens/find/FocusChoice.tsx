import { memo } from 'react'
import { Link } from 'react-router'
import type { Table, TableApplication } from '../../board/table'
import { ContextOptions } from '../../parts/AskedSelect'
import layout from '../../parts/layout.module.css'

interface Props {
  table: Table
  application: TableApplication
  context: string
  onChoose: (next: Record<string, string>) => void
}

/** Which application, and where in it the focus is. */
export const FocusChoice = memo(function FocusChoice({ table, application, context, onChoose }: Props) {
  return (
    <p className={layout.focusChoice}>
      The board in{' '}
      <select
        aria-label="Application"
        value={application.id}
        onChange={(event) => onChoose({ application: event.target.value, context: '' })}
      >
        {table.applications.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      {', with the focus in '}
      <select
        aria-label="Context"
        value={context}
        onChange={(event) => onChoose({ application: application.id, context: event.target.value })}
      >
        <ContextOptions isTree contexts={application.contexts} />
        <option value="all">all contexts together</option>
      </select>
      <span className="quiet"> {application.keymap}</span>
      <span className={layout.beside}>
        <Link to={`/export?of=${application.id}&by=menu&unbound=1`}>List by menu</Link>
        <Link to={`/export?of=${application.id}&print=1`}>Print the list</Link>
        <Link to="/second-screen" target="_blank">
          Second screen
        </Link>
      </span>
    </p>
  )
})
