import { useEffect, useRef, useState } from 'react'
import { useApplications } from '../../api/applications'
import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import { Disclosure } from '../../parts/Disclosure'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import type { PartProps } from './DescriptionScreen'
import { useDescribe } from './mutations'
import css from './description.module.css'

const AT_ONCE = 120
const TRAITS = {
  repeats: 'repeats while held',
  'can-be-held': 'can be held',
  destructive: 'cannot be undone',
  'menu-only': 'only in a menu',
} as const
const COLUMNS = [
  ['', 'nothing'],
  ['name', 'the name'],
  ['word', 'what the key file calls it'],
  ['menu', 'the menu path'],
  ['tooltip', 'the tooltip'],
  ['context', 'the context'],
] as const

/** What the application can do: from its key file, a list, a table or another catalogue; every name can be changed. */
export function CommandsPart({ brought, window }: PartProps) {
  const [, write] = useAddress()
  const [open, setOpen] = useState('')
  const [marked, setMarked] = useState<string[]>([])
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const { command_from: from } = window
  const first = brought.commands.find(({ id }) => id === marked[0])
  const second = brought.commands.find(({ id }) => id === marked[1])
  return (
    <section aria-label="Commands" aria-busy={isSending}>
      <div className={css.tools}>
        <label>
          <span className="visually-hidden">Find a command</span>
          <input
            type="search"
            className="form-control form-control-sm"
            placeholder="Find a command"
            value={window.command}
            onChange={(event) => write({ command: event.target.value, command_from: '' }, { replace: true })}
          />
        </label>
        <span>
          {counted(brought.commands_matching, 'command')}
          {brought.commands_matching > AT_ONCE && `, ${from + 1} to ${Math.min(brought.commands_matching, from + AT_ONCE)}`}
        </span>
        {brought.commands_matching > AT_ONCE && (
          <>
            <button
              className="btn btn-outline-secondary btn-sm"
              disabled={from === 0}
              onClick={() => write({ command_from: String(Math.max(0, from - AT_ONCE)) })}
            >
              Earlier
            </button>
            <button
              className="btn btn-outline-secondary btn-sm"
              disabled={from + AT_ONCE >= brought.commands_matching}
              onClick={() => write({ command_from: String(from + AT_ONCE) })}
            >
              Later
            </button>
          </>
        )}
        {first !== undefined && second !== undefined && (
          <button
            className="btn btn-primary btn-sm"
            disabled={isSending}
            onClick={() => {
              send({ commands: [{ do: 'merge', id: second.id, into: first.id }] })
              setMarked([])
            }}
          >
            “{second.name}” is “{first.name}”: make them one
          </button>
        )}
      </div>
      {error !== null && !isSending && <ProblemNote error={error} />}
      {brought.may_change && (
        <Disclosure summary="More commands: from a list, a table or another catalogue">
          {() => <More brought={brought} window={window} />}
        </Disclosure>
      )}
      {brought.commands.length === 0 && <p role="status">No command is called so.</p>}
      <table className={css.commands}>
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">Mark two to make them one</span>
            </th>
            <th scope="col">Name</th>
            <th scope="col">In the key file</th>
            <th scope="col">Menu</th>
            <th scope="col">Context</th>
            <th scope="col">Traits</th>
          </tr>
        </thead>
        <tbody>
          {brought.commands.map((command) => (
            <tr key={command.id}>
              <td>
                <input
                  type="checkbox"
                  aria-label={`Mark ${command.name}`}
                  checked={marked.includes(command.id)}
                  disabled={!brought.may_change}
                  onChange={(event) =>
                    setMarked(event.target.checked ? [...marked, command.id].slice(-2) : marked.filter((id) => id !== command.id))
                  }
                />
              </td>
              {open === command.id ? (
                <td colSpan={5}>
                  <Edit
                    command={command}
                    contexts={brought.contexts}
                    isSending={isSending}
                    onClose={() => setOpen('')}
                    onStore={(change) => {
                      send({ commands: [{ do: 'change', id: command.id, ...change }] })
                      setOpen('')
                    }}
                    onRemove={() => send({ commands: [{ do: 'remove', id: command.id }] })}
                  />
                </td>
              ) : (
                <>
                  <th scope="row">
                    {brought.may_change ? (
                      <button className="btn btn-outline-secondary btn-sm" onClick={() => setOpen(command.id)}>
                        {command.name}
                      </button>
                    ) : (
                      command.name
                    )}
                  </th>
                  <td>
                    <code>{command.traits.includes('menu-only') ? '–' : command.written}</code>
                  </td>
                  <td>{command.menu.join(' › ')}</td>
                  <td>{brought.contexts.find(({ id }) => id === command.context)?.name}</td>
                  <td>{command.traits.map((trait) => TRAITS[trait]).join(', ')}</td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

interface EditProps {
  command: Schema['DescribedCommand']
  contexts: readonly Schema['DescribedContext'][]
  isSending: boolean
  onStore: (change: Partial<Schema['CommandEdit']>) => void
  onRemove: () => void
  onClose: () => void
}

function Edit({ command, contexts, isSending, onStore, onRemove, onClose }: EditProps) {
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => field.current?.focus(), [])
  const [name, setName] = useState(command.name)
  const [menu, setMenu] = useState(command.menu.join(' > '))
  const [tooltip, setTooltip] = useState(command.tooltip)
  const [context, setContext] = useState(command.context)
  const [traits, setTraits] = useState(command.traits)
  return (
    <form
      className={css.edit}
      onSubmit={(event) => {
        event.preventDefault()
        const items = menu.split('>').map((one) => one.trim())
        onStore({
          name: name.trim() || command.name,
          menu: items.filter((one) => one !== ''),
          tooltip: tooltip.trim() || name,
          context,
          traits,
        })
      }}
    >
      <label>
        Name <input ref={field} className="form-control form-control-sm" value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      <label>
        Menu path{' '}
        <input
          className="form-control form-control-sm"
          placeholder="Edit > Split"
          value={menu}
          onChange={(event) => setMenu(event.target.value)}
        />
      </label>
      <label>
        Tooltip <input className="form-control form-control-sm" value={tooltip} onChange={(event) => setTooltip(event.target.value)} />
      </label>
      <label>
        Context{' '}
        <select className="form-select form-select-sm" value={context} onChange={(event) => setContext(event.target.value)}>
          {contexts.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <fieldset>
        <legend className="visually-hidden">Traits</legend>
        {(Object.keys(TRAITS) as (keyof typeof TRAITS)[]).map((trait) => (
          <label key={trait}>
            <input
              type="checkbox"
              checked={traits.includes(trait)}
              onChange={(event) => setTraits(event.target.checked ? [...traits, trait] : traits.filter((one) => one !== trait))}
            />{' '}
            {TRAITS[trait]}
          </label>
        ))}
      </fieldset>
      <div className={css.says}>
        <button className="btn btn-primary btn-sm" disabled={isSending}>
          Store
        </button>
        <button type="button" className="btn btn-outline-secondary btn-sm" onClick={onClose}>
          Leave it
        </button>
        <button type="button" className="btn btn-outline-secondary btn-sm" disabled={isSending} onClick={onRemove}>
          Remove the command
        </button>
      </div>
    </form>
  )
}

function More({ brought, window }: PartProps) {
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const [text, setText] = useState('')
  const [columns, setColumns] = useState<string[]>([])
  const [hasHeader, setHeader] = useState(true)
  const [other, setOther] = useState('')
  const applications =
    useApplications().data?.applications.filter(({ is_desktop: isDesktop, id }) => !isDesktop && id !== brought.slug) ?? []
  const firstLine = text.split('\n')[0] ?? ''
  const cells = firstLine.includes('\t') ? firstLine.split('\t') : firstLine.includes(',') ? firstLine.split(',') : []
  const isTable = cells.length > 1
  const chosen = cells.map((_, index) => (columns[index] ?? (index === 0 ? 'name' : '')) as (typeof COLUMNS)[number][0])
  return (
    <div className={css.more}>
      <label>
        A list with one name on a line, or a table (with commas or tabs)
        <textarea className="form-control" rows={5} value={text} onChange={(event) => setText(event.target.value)} />
      </label>
      {isTable && (
        <div className={css.tools}>
          {cells.map((cell, index) => (
            <label key={`${index} ${cell}`}>
              “{cell.trim().slice(0, 24)}” is{' '}
              <select
                className="form-select form-select-sm"
                value={chosen[index]}
                onChange={(event) => setColumns(chosen.map((one, at) => (at === index ? event.target.value : one)))}
              >
                {COLUMNS.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          ))}
          <label>
            <input type="checkbox" checked={hasHeader} onChange={(event) => setHeader(event.target.checked)} /> the first row says what the
            columns are
          </label>
        </div>
      )}
      <button
        className="btn btn-outline-secondary btn-sm"
        disabled={isSending || text.trim() === ''}
        onClick={() => send({ commands: [isTable ? { do: 'add', text, columns: chosen, has_header: hasHeader } : { do: 'add', text }] })}
      >
        Add what is new, complete what is known
      </button>
      <label>
        or the names of another application{' '}
        <select className="form-select form-select-sm" value={other} onChange={(event) => setOther(event.target.value)}>
          <option value="">none</option>
          {applications.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <button
        className="btn btn-outline-secondary btn-sm"
        disabled={isSending || other === ''}
        onClick={() => send({ commands: [{ do: 'copy', application: other }] })}
      >
        Take them over
      </button>
      {error !== null && !isSending && <ProblemNote error={error} />}
    </div>
  )
}
