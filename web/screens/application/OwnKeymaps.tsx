import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { CopyForm } from '../../keymap/CopyForm'
import { useShelving, type Shelving } from '../../keymap/mutations'
import { NameField } from '../../keymap/NameField'
import { useKeymaps } from '../../keymap/queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { day } from '../../parts/when'
import { NewKeymap } from './NewKeymap'
import css from './application.module.css'

/** The keymaps one has for an application: switched in one action, named, tagged, deleted and restored. */
export function OwnKeymaps({ application }: { application: string }) {
  const keymaps = useKeymaps()
  const [open, setOpen] = useState<{ of: number; for: Purpose } | null>(null)
  const { send, isSending, error } = useShelving(application, () => {
    setOpen(null)
  })
  return (
    <>
      <h2>Keymaps</h2>
      <Asking of={keymaps}>
        {({ keymaps: all, deleted }) => {
          const own = all.filter((one) => one.application === application)
          const isFactoryInUse = own.every((one) => !one.in_use)
          return (
            <>
              <ul className={css.ownKeymaps}>
                <li data-in-use={isFactoryInUse}>
                  <strong>Factory</strong> <span className="quiet">protected</span>
                  {isFactoryInUse ? (
                    <b>in use</b>
                  ) : (
                    <button type="button" className="plain" disabled={isSending} onClick={() => send({ do: 'use-factory' })}>
                      use the factory keymap
                    </button>
                  )}
                </li>
                {own.map((one) => (
                  <OwnKeymap
                    key={one.id}
                    keymap={one}
                    isSending={isSending}
                    open={open?.of === one.id ? open.for : null}
                    onSend={send}
                    onOpen={(purpose) => setOpen(purpose === null ? null : { of: one.id, for: purpose })}
                  />
                ))}
              </ul>
              <NewKeymap application={application} own={own} />
              {deleted
                .filter((one) => one.application === application)
                .map((one) => (
                  <p key={one.id} className="quiet">
                    {one.name} is deleted and can be restored until {day(one.until)}.{' '}
                    <button type="button" className="plain" disabled={isSending} onClick={() => send({ do: 'restore', keymap: one.id })}>
                      restore {one.name}
                    </button>
                  </p>
                ))}
            </>
          )
        }}
      </Asking>
      <ProblemNote error={error} />
    </>
  )
}

type Purpose = 'label' | 'copy' | 'delete'

interface Props {
  keymap: Schema['KeymapBrief']
  isSending: boolean
  /** What has been opened under it, if anything. */
  open: Purpose | null
  onSend: (shelving: Shelving) => void
  onOpen: (purpose: Purpose | null) => void
}

function OwnKeymap({ keymap, isSending, open, onSend, onOpen }: Props) {
  const { id, name } = keymap
  const toggle = (purpose: Purpose) => onOpen(open === purpose ? null : purpose)
  return (
    <li data-in-use={keymap.in_use}>
      <strong>{name}</strong>
      {keymap.tags.map((tag) => (
        <span key={tag} className={css.tag}>
          {tag}
        </span>
      ))}
      <span className="quiet">
        {keymap.bindings} bindings
        {keymap.follows !== null && `, follows ${keymap.follows}`}
        {keymap.unsaved > 0 && `, ${keymap.unsaved} changed since its last save`}
      </span>
      {keymap.in_use ? (
        <>
          <b>in use</b> <Link to={`/remap/${keymap.application}/changes`}>changes</Link>
        </>
      ) : (
        <button type="button" className="plain" disabled={isSending} onClick={() => onSend({ do: 'use', keymap: id })}>
          use {name}
        </button>
      )}
      <button type="button" className="plain" aria-expanded={open === 'label'} onClick={() => toggle('label')}>
        name and tags<span className="visually-hidden"> of {name}</span>
      </button>
      <button type="button" className="plain" aria-expanded={open === 'copy'} onClick={() => toggle('copy')}>
        copy<span className="visually-hidden"> {name}</span>
      </button>
      <Link to={`/export?of=keymap%20${id}`}>
        list and files<span className="visually-hidden"> of {name}</span>
      </Link>
      <button type="button" className="plain" aria-expanded={open === 'delete'} onClick={() => toggle('delete')}>
        delete<span className="visually-hidden"> {name}</span>
      </button>
      {open === 'copy' && <CopyForm application={keymap.application} from={{ copy_of: id }} called={name} onDone={() => onOpen(null)} />}
      {open === 'delete' && (
        <p className={css.labelForm}>
          {keymap.in_use ? `Delete ${name}? The factory keymap is in use then.` : `Delete ${name}?`} It can be restored for 30 days.{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline-secondary"
            disabled={isSending}
            onClick={() => onSend({ do: 'delete', keymap: id })}
          >
            Delete it
          </button>{' '}
          <button type="button" className="plain" onClick={() => onOpen(null)}>
            leave it
          </button>
        </p>
      )}
      {open === 'label' && (
        <LabelForm keymap={keymap} isSending={isSending} onSave={(label) => onSend({ do: 'label', keymap: id, ...label })} />
      )}
    </li>
  )
}

interface LabelProps {
  keymap: Schema['KeymapBrief']
  isSending: boolean
  onSave: (label: { name: string; tags: string[] }) => void
}

function LabelForm({ keymap, isSending, onSave }: LabelProps) {
  const [name, setName] = useState(keymap.name)
  const [tags, setTags] = useState(keymap.tags.join(', '))
  const save = () => {
    onSave({
      name: name.trim(),
      tags: tags
        .split(',')
        .map((tag) => tag.trim())
        .filter((tag) => tag !== ''),
    })
  }
  return (
    <form
      className={css.labelForm}
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <NameField label="Name" value={name} onChange={setName} />
      <label>
        Tags, with commas between{' '}
        <input
          className="form-control form-control-sm"
          placeholder="desk, road"
          value={tags}
          onChange={(event) => setTags(event.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-sm btn-outline-secondary" disabled={isSending}>
        Save these
      </button>
    </form>
  )
}
