import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { useTable } from '../../board/queries'
import { useKeymap } from '../../keymap/queries'
import { ContextOptions } from '../../parts/AskedSelect'
import { ScreenHead } from '../../parts/ScreenHead'
import { useBulkEdit, type BulkEdit } from './queries'
import { ChangeButton } from '../../keymap/ChangeButton'
import { Asking } from '../../parts/Asking'
import { ConsequenceList } from '../../parts/ConsequenceList'
import { Keys } from '../../parts/Keys'
import css from './remap.module.css'
import layout from '../../parts/layout.module.css'

/** Two keys are exchanged on the board. */
type Kind = Exclude<BulkEdit['kind'], 'exchange-keys'>

const KINDS: Record<Kind, string> = {
  'to-layer': 'move the chosen chords to another layer',
  'to-context': 'move the chosen chords to another context',
  'copy-to-context': 'copy the chosen chords to another context',
  'exchange-layers': 'exchange two layers',
  'clear-context': 'clear a context',
}

const CONTEXT_VERBS = {
  'to-context': (chords: number) => `Move ${chords} chords to`,
  'copy-to-context': (chords: number) => `Copy ${chords} chords to`,
  'clear-context': () => 'Clear',
}

/** One change for many chords: chosen in a list or by layer and context, previewed, made as one step. */
export function BulkEditScreen() {
  const { application = '' } = useParams()
  const keymap = useKeymap(application)
  const table = useTable()
  return (
    <>
      <ScreenHead title="Bulk edit">
        <Link to={`/remap/${application}`}>Back to Remap</Link>
      </ScreenHead>
      <Asking of={keymap}>
        {(data) => (
          <Asking of={table}>
            {({ layers, applications }) => (
              <Workbench
                key={application}
                application={application}
                keymap={data}
                layers={layers}
                contexts={applications.find(({ id }) => id === application)?.contexts ?? []}
              />
            )}
          </Asking>
        )}
      </Asking>
    </>
  )
}

interface Props {
  application: string
  keymap: Schema['Keymap']
  layers: Schema['Layer'][]
  contexts: Schema['TableContext'][]
}

function Workbench({ application, keymap, layers, contexts }: Props) {
  const [kind, setKind] = useState<Kind>('to-layer')
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  const [from, setFrom] = useState('')
  const [context, setContext] = useState('')
  const [layer, setLayer] = useState('')
  const [otherLayer, setOtherLayer] = useState('')

  const needsChosen = kind === 'to-layer' || kind === 'to-context' || kind === 'copy-to-context'
  const needsContext = kind === 'to-context' || kind === 'copy-to-context' || kind === 'clear-context'
  const isReady =
    (!needsChosen || chosen.size > 0) &&
    (!needsContext || context !== '') &&
    (kind !== 'to-layer' || layer !== '') &&
    (kind !== 'exchange-layers' || (layer !== '' && otherLayer !== '' && layer !== otherLayer))
  const preview = useBulkEdit(
    application,
    isReady
      ? { kind, bindings: needsChosen ? [...chosen] : [], layer, other_layer: otherLayer, context: context === '' ? null : context }
      : null,
  )
  const shown = keymap.bindings.filter((one) => from === '' || one.context.id === from)
  const nameOf = (id: string) => layers.find((one) => one.id === (id === 'plain' ? '' : id))?.spoken ?? id
  const title =
    kind === 'to-layer'
      ? `Move ${chosen.size} chords to ${nameOf(layer)}`
      : kind === 'exchange-layers'
        ? `Exchange ${nameOf(layer)} and ${nameOf(otherLayer)}`
        : `${CONTEXT_VERBS[kind](chosen.size)} ${contexts.find(({ id }) => id === context)?.name ?? ''}`

  return (
    <div className={layout.columns}>
      <section aria-label="Chords">
        <p className={layout.line}>
          <span>
            Chords of{' '}
            <select aria-label="Of context" value={from} onChange={(event) => setFrom(event.target.value)}>
              <option value="">all contexts</option>
              <ContextOptions contexts={contexts} />
            </select>
          </span>
          <button type="button" className="plain" onClick={() => setChosen(new Set([...chosen, ...shown.map(({ id }) => id)]))}>
            choose all {shown.length}
          </button>{' '}
          <button type="button" className="plain" disabled={chosen.size === 0} onClick={() => setChosen(new Set())}>
            choose none
          </button>
        </p>
        {keymap.bindings.length === 0 && <p className="quiet">This keymap has no chord.</p>}
        <ul className={css.chords}>
          {shown.map((one) => (
            <li key={one.id}>
              <label>
                <input
                  type="checkbox"
                  checked={chosen.has(one.id)}
                  onChange={(event) => {
                    const next = new Set(chosen)
                    if (event.target.checked) next.add(one.id)
                    else next.delete(one.id)
                    setChosen(next)
                  }}
                />{' '}
                <Keys chord={one.chord} />
                {one.gesture === 'hold' && ' held'} {one.command.name} <span className="quiet">{one.context.name}</span>
              </label>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="What to do">
        <p className={css.edit}>
          <select aria-label="What to do" value={kind} onChange={(event) => setKind(event.target.value as Kind)}>
            {Object.entries(KINDS).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>{' '}
          {(kind === 'to-layer' || kind === 'exchange-layers') && (
            <LayerSelect label="Layer" layers={layers} value={layer} onChange={setLayer} />
          )}
          {kind === 'exchange-layers' && (
            <>
              {' '}
              with <LayerSelect label="Other layer" layers={layers} value={otherLayer} onChange={setOtherLayer} /> in
            </>
          )}
          {kind !== 'to-layer' && (
            <select aria-label="Context" value={context} onChange={(event) => setContext(event.target.value)}>
              <option value="">{kind === 'exchange-layers' ? 'all contexts' : '…'}</option>
              <ContextOptions contexts={contexts} />
            </select>
          )}
        </p>
        {!isReady && <p className="quiet">{needsChosen && chosen.size === 0 ? 'Choose chords in the list.' : 'Fill the blanks above.'}</p>}
        {isReady && (
          <Asking of={preview}>
            {({ change, consequences }) =>
              change.removed.length + change.added.length === 0 ? (
                <p>Nothing would change.</p>
              ) : (
                <>
                  <ChangeButton
                    wanted={{ application, title, change, onMade: () => setChosen(new Set()) }}
                    look={consequences.raises_fault ? 'doubtful' : 'usual'}
                  >
                    {title}
                  </ChangeButton>
                  <ConsequenceList of={consequences} />
                </>
              )
            }
          </Asking>
        )}
      </section>
    </div>
  )
}

interface LayerProps {
  label: string
  layers: Schema['Layer'][]
  value: string
  onChange: (layer: string) => void
}

function LayerSelect({ label, layers, value, onChange }: LayerProps) {
  return (
    <select aria-label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      <option value="">…</option>
      {layers.map((one) => (
        <option key={one.id} value={one.id === '' ? 'plain' : one.id}>
          {one.spoken}
        </option>
      ))}
    </select>
  )
}
