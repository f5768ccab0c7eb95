import { useState, type DragEvent, type KeyboardEvent } from 'react'
import type { Schema } from '../../api/client'
import { ProblemNote } from '../../parts/ProblemNote'
import type { PartProps } from './DescriptionScreen'
import { Questions } from './Questions'
import { depths, movedInto, type DescribedContext } from './tree'
import { useDescribe } from './mutations'
import css from './description.module.css'

/** The contexts as a tree, by dragging or by keys, and who wins where two of them have one chord. */
export function ContextsPart({ brought, window }: PartProps) {
  const [contexts, setContexts] = useState<DescribedContext[]>(brought.contexts)
  const [name, setName] = useState('')
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  const isChanged = JSON.stringify(contexts) !== JSON.stringify(brought.contexts)
  const set = (id: string, change: Partial<DescribedContext>) =>
    setContexts(contexts.map((one) => (one.id === id ? { ...one, ...change } : one)))
  const move = (id: string, parent: string) => setContexts(movedInto(contexts, id, parent))
  function add() {
    const id = name
      .trim()
      .toLowerCase()
      .replaceAll(/[^a-z0-9]+/g, '-')
      .replaceAll(/^-|-$/g, '')
    if (id === '' || contexts.some((one) => one.id === id)) return
    setContexts([...contexts, { id, name: name.trim(), parent: 'everywhere' }])
    setName('')
  }
  return (
    <div className={css.file}>
      <section aria-label="Contexts">
        <h2>Contexts</h2>
        <p>Where the focus can be. Drag one onto another to put it inside, or press the arrows beside its name.</p>
        <ul className={css.tree}>
          {depths(contexts).map(({ context, depth }) => (
            <Row
              key={context.id}
              context={context}
              depth={depth}
              all={contexts}
              isReadOnly={!brought.may_change}
              onSet={set}
              onMove={move}
            />
          ))}
        </ul>
        {brought.may_change && (
          <form
            className={css.tools}
            onSubmit={(event) => {
              event.preventDefault()
              add()
            }}
          >
            <label>
              <span className="visually-hidden">A further context</span>
              <input
                className="form-control form-control-sm"
                placeholder="A further context"
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            </label>
            <button className="btn btn-outline-secondary btn-sm">Add it</button>
            <button type="button" className="btn btn-primary btn-sm" disabled={!isChanged || isSending} onClick={() => send({ contexts })}>
              {isChanged ? 'Keep the contexts so' : 'The contexts are stored'}
            </button>
            {isChanged && (
              <button type="button" className="btn btn-outline-secondary btn-sm" onClick={() => setContexts(brought.contexts)}>
                As they were
              </button>
            )}
          </form>
        )}
        {error !== null && !isSending && <ProblemNote error={error} />}
      </section>
      <Questions brought={brought} window={window} />
    </div>
  )
}

interface RowProps {
  context: DescribedContext
  depth: number
  all: readonly Schema['DescribedContext'][]
  isReadOnly: boolean
  onSet: (id: string, change: Partial<DescribedContext>) => void
  onMove: (id: string, parent: string) => void
}

function Row({ context, depth, all, isReadOnly, onSet, onMove }: RowProps) {
  const [isOver, setOver] = useState(false)
  const isRoot = context.parent === undefined
  const before = depths(all).map((one) => one.context)
  const siblings = before.filter((one) => one.parent === context.parent && one.id !== context.id)
  const above = before
    .slice(
      0,
      before.findIndex(({ id }) => id === context.id),
    )
    .findLast((one) => one.parent === context.parent)
  const parent = all.find(({ id }) => id === context.parent)
  const inwards = () => {
    if (above !== undefined) onMove(context.id, above.id)
  }
  const outwards = () => {
    if (parent?.parent !== undefined) onMove(context.id, parent.parent)
  }
  function onKeyDown(event: KeyboardEvent) {
    if (!event.altKey || (event.key !== 'ArrowRight' && event.key !== 'ArrowLeft')) return
    event.preventDefault()
    if (event.key === 'ArrowRight') inwards()
    else outwards()
  }
  function onDrop(event: DragEvent) {
    event.preventDefault()
    setOver(false)
    const dragged = event.dataTransfer.getData('text/plain')
    if (dragged !== '' && dragged !== context.id) onMove(dragged, context.id)
  }
  return (
    // The arrows beside the name do the same; dragging is for the mouse alone.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <li
      style={{ marginInlineStart: `${depth * 1.6}rem` }}
      data-over={isOver}
      draggable={!isRoot && !isReadOnly}
      onDragStart={(event) => event.dataTransfer.setData('text/plain', context.id)}
      onDragOver={(event) => {
        event.preventDefault()
        setOver(true)
      }}
      onDragLeave={() => setOver(false)}
      onDrop={onDrop}
    >
      <input
        className="form-control form-control-sm"
        aria-label={`Name of the context ${context.id}${parent === undefined ? '' : `, inside ${parent.name}`}`}
        value={context.name}
        readOnly={isReadOnly}
        onKeyDown={onKeyDown}
        onChange={(event) => onSet(context.id, { name: event.target.value })}
      />
      {!isRoot && !isReadOnly && (
        <>
          <button
            type="button"
            className="btn btn-outline-secondary btn-sm"
            disabled={parent?.parent === undefined}
            aria-label={`${context.name}: further out`}
            onClick={outwards}
          >
            ←
          </button>
          <button
            type="button"
            className="btn btn-outline-secondary btn-sm"
            disabled={above === undefined}
            aria-label={`${context.name}: into ${above?.name ?? 'nothing'}`}
            onClick={inwards}
          >
            →
          </button>
        </>
      )}
      <label>
        <input
          type="checkbox"
          checked={context.text_entry ?? false}
          disabled={isReadOnly}
          onChange={(event) => onSet(context.id, { text_entry: event.target.checked })}
        />{' '}
        takes text
      </label>
      {siblings.length > 0 && !isRoot && (
        <label>
          <span className="visually-hidden">{context.name} can be active together with</span>
          <select
            className="form-select form-select-sm"
            value={context.coexists_with?.[0] ?? ''}
            disabled={isReadOnly}
            onChange={(event) => onSet(context.id, { coexists_with: event.target.value === '' ? [] : [event.target.value] })}
          >
            <option value="">alone among its like</option>
            {siblings.map(({ id, name }) => (
              <option key={id} value={id}>
                together with {name}
              </option>
            ))}
          </select>
        </label>
      )}
    </li>
  )
}
