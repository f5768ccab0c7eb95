import { useState } from 'react'
import type { Schema } from '../../api/client'
import { ProblemNote } from '../../parts/ProblemNote'
import { useShare } from './mutations'
import css from './preset.module.css'

const AUDIENCES: Record<Schema['Preset']['audience'], string> = { mine: 'only I see it', people: 'shared', house: 'everybody sees it' }

interface Props {
  preset: Schema['Preset']
  people: Schema['NumberedName'][]
}

/** Who sees a preset; and for a suite keeper, whether it is the house's, or its standard. */
export function Sharing({ preset, people }: Props) {
  const [isOpen, setOpen] = useState(false)
  const { send, isSending, error } = useShare(preset.id)
  const named = people.filter(({ id }) => preset.people.includes(id))
  const words =
    preset.audience === 'people' ? `shared with ${named.map(({ name }) => name).join(', ') || 'nobody yet'}` : AUDIENCES[preset.audience]
  if (!preset.may_release) return <span className="quiet">{preset.audience === 'house' ? words : ''}</span>
  return (
    <>
      <button type="button" className="plain" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {words}
        <span className="visually-hidden">: who sees {preset.name}</span>
      </button>
      {isOpen && (
        <span className={css.sharing} role="group" aria-label={`Who sees ${preset.name}`}>
          <label>
            <input
              type="radio"
              name={`audience-${preset.id}`}
              checked={preset.audience === 'mine'}
              disabled={isSending}
              onChange={() => send({ audience: 'mine', people: [], is_standard: false })}
            />{' '}
            only I
          </label>
          {people.map(({ id, name }) => (
            <label key={id}>
              <input
                type="checkbox"
                checked={preset.audience === 'people' && preset.people.includes(id)}
                disabled={isSending}
                onChange={(event) => {
                  const others = preset.audience === 'people' ? preset.people.filter((one) => one !== id) : []
                  const next = event.target.checked ? [...others, id] : others
                  send({ audience: next.length === 0 ? 'mine' : 'people', people: next, is_standard: false })
                }}
              />{' '}
              {name}
            </label>
          ))}
          {preset.may_give_to_house && (
            <>
              <label>
                <input
                  type="radio"
                  name={`audience-${preset.id}`}
                  checked={preset.audience === 'house' && !preset.is_standard}
                  disabled={isSending}
                  onChange={() => send({ audience: 'house', people: [], is_standard: false })}
                />{' '}
                everybody; the suite keepers make its releases
              </label>
              <label>
                <input
                  type="radio"
                  name={`audience-${preset.id}`}
                  checked={preset.is_standard}
                  disabled={isSending}
                  onChange={() => send({ audience: 'house', people: [], is_standard: true })}
                />{' '}
                it is the house standard
              </label>
            </>
          )}
        </span>
      )}
      <ProblemNote error={error} />
    </>
  )
}
