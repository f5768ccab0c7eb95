import { memo, useCallback, useMemo, useState } from 'react'
import { useListening } from '../listening/Listening'
import { counted } from '../parts/counted'
import { remember, remembered } from '../parts/remembered'
import type { Store } from '../parts/store'
import { useStable } from '../parts/useStable'
import { Board, type CapView } from './Board'
import { ContactSheet } from './ContactSheet'
import type { Dragged } from './dragging'
import { ContextLegend, ContextMark } from './ContextMark'
import { namesOf, spokenName, type KeyName } from './names'
import {
  allContexts,
  elsewhereOf,
  ladderOf,
  layerId,
  pressOf,
  useOf,
  usesOf,
  type BoardKey,
  type Table,
  type TableApplication,
  type Use,
} from './table'
import css from './board.module.css'

interface Props {
  table: Table
  application: TableApplication
  /** Index of the context with the focus; one more than the last means all of them together. */
  context: number
  layer: string
  onLayer: (layer: string) => void
  /** The press that is looked at, marked on the board when its layer is shown. */
  chosen?: Store<string>
  onPress: (press: string) => void
  /** What a second click on the marked key does, as the end of "a second click …". */
  secondPress?: string
  /** When a command or another key is dropped onto a key; without it nothing can be dragged. */
  onDrop?: (what: Dragged, press: string) => void
}

const USES: Record<Use, string> = { taken: 'taken here', 'taken-elsewhere': 'taken in other contexts', free: 'free' }

/** Wider boards can be cut down to their writing keys, which are this wide in mm and so get more room for words. */
const WRITING_WIDTH = 15 * 19.05

/**
 * The board with one layer, which real modifiers show while the page listens and clicked ones make stay; and all layers as a contact sheet.
 */
export const BoardPanel = memo(function BoardPanel({
  table,
  application,
  context,
  layer,
  onLayer,
  chosen,
  onPress,
  secondPress,
  onDrop,
}: Props) {
  const { held } = useListening()
  const [looked, setLooked] = useState<BoardKey | null>(null)
  const [isLarge, setLarge] = useState(() => remembered('board-size') === 'large')
  const [isFn, setFn] = useState(false)
  const shown = held.length > 0 ? layerId(held) : layer
  const number = table.layers.findIndex(({ id }) => id === shown)
  const caps = useMemo(() => capViews(table, application, context, shown, number, isFn), [table, application, context, shown, number, isFn])
  const isWide = table.board.width > WRITING_WIDTH + 20
  const part = isLarge && isWide ? caps.filter(({ key }) => key.left + key.width <= WRITING_WIDTH + 1) : caps

  const choose = useStable((key: BoardKey) => {
    const parts = shown === '' ? [] : shown.split('+')
    if (key.held === null) onPress(pressOf(shown, key, isFn))
    else if (isFnKey(key)) setFn(!isFn)
    else
      onLayer(
        layerId(key.held.every((one) => parts.includes(one)) ? parts.filter((one) => !key.held?.includes(one)) : [...parts, ...key.held]),
      )
  })

  const pressIn = useCallback((key: BoardKey) => pressOf(shown, key, isFn), [shown, isFn])
  const drop = useStable((what: Dragged, key: BoardKey) => onDrop?.(what, pressOf(shown, key, isFn)))

  return (
    <section className={css.boardPanel} aria-label="Board">
      <Board
        board={table.board}
        caps={part}
        isLarge={isLarge && isWide}
        chosen={chosen}
        size={isLarge && isWide ? { width: WRITING_WIDTH, height: table.board.height } : table.board}
        onChoose={choose}
        pressOf={onDrop === undefined ? null : pressIn}
        onDrop={drop}
        onLook={setLooked}
      />
      <div className={css.boardFoot}>
        <p data-testid="readout" className={css.readout} aria-live="polite">
          {looked === null ? (
            <>
              Click modifiers to hold them, then a key{secondPress !== undefined && `; a second click ${secondPress}`}. <Legend />
              {context === allContexts(application) && <ContextLegend application={application} />}
            </>
          ) : (
            <Readout
              of={looked}
              application={application}
              context={context}
              press={pressOf(shown, looked, isFn)}
              isFn={isFn}
              layer={table.layers[number]?.spoken ?? ''}
              reserved={table.reserved_by_browser}
            />
          )}
        </p>
        {isWide && (
          <button
            type="button"
            className="plain"
            aria-pressed={isLarge}
            onClick={() => {
              remember('board-size', isLarge ? '' : 'large')
              setLarge(!isLarge)
            }}
          >
            {isLarge ? 'Whole board' : 'Larger keys'}
          </button>
        )}
      </div>
      <ContactSheet table={table} application={application} context={context} layer={shown} onLayer={onLayer} />
      <LayerInFull caps={caps} application={application} name={table.layers[number]?.spoken ?? ''} />
    </section>
  )
})

const NONE: KeyName[] = []

/** Fn is handled inside the keyboard: it holds nothing that an application sees. */
const isFnKey = (key: BoardKey): boolean => key.held?.length === 0

function capViews(table: Table, application: TableApplication, context: number, layer: string, number: number, isFn: boolean): CapView[] {
  const uses = usesOf(application, context, number)
  const held = layer === '' ? [] : layer.split('+')
  const spoken = table.layers[number]?.spoken ?? ''
  return table.board.keys.map((key, at): CapView => {
    if (key.held !== null)
      return {
        key,
        use: undefined,
        names: NONE,
        marks: null,
        legend: key.name,
        isHeld: isFnKey(key) ? isFn : key.held.every((one) => held.includes(one)),
        press: '',
        says: `Hold ${key.spoken}`,
      }
    const press = pressOf(layer, key, isFn)
    const names = namesOf(application, press, context)
    const { name: legend, spoken: called } = (isFn ? key.with_fn : null) ?? key
    const name = [spoken, called].filter((one) => one !== '').join(' ')
    const use = isFn && key.with_fn !== null ? useOf(application, press, context) : uses[at]
    return {
      key,
      use,
      legend,
      names,
      marks: context === allContexts(application) ? application : null,
      isHeld: false,
      press,
      says: `${name}: ${names.length > 0 ? names.map(spokenName).join(', ') : use === 'free' ? 'free' : 'taken in other contexts'}`,
    }
  })
}

function Legend() {
  return (
    <span className={css.legend}>
      <span>
        <b>from here</b> · <span data-inherited="true">from around it</span> · <span data-gesture="hold">held down</span>
      </span>
      {Object.entries(USES).map(([use, words]) => (
        <span key={use}>
          <i className={css.useMark} data-use={use} aria-hidden="true" /> {words}
        </span>
      ))}
    </span>
  )
}

interface ReadoutProps {
  of: BoardKey
  application: TableApplication
  context: number
  press: string
  isFn: boolean
  layer: string
  reserved: Table['reserved_by_browser']
}

/** The whole name of what a key does, in a fixed place. */
function Readout({ of, application, context, press, isFn, layer, reserved }: ReadoutProps) {
  if (of.held !== null)
    return (
      <>
        {of.name}: click to hold it or let go.{isFnKey(of) && ' It gives keys that this board lacks.'}
      </>
    )
  const { winner } = ladderOf(application, press, context)
  const held = namesOf(application, press, context).filter(({ gesture }) => gesture !== 'tap')
  const elsewhere = elsewhereOf(application, press, context).filter((one) => winner === null || !one.startsWith(`${winner.name} (`))
  const whole = <strong>{[layer, (isFn ? of.with_fn : null)?.spoken ?? of.spoken].filter((one) => one !== '').join(' ')}</strong>
  if (context === allContexts(application))
    return (
      <>
        {whole} {elsewhere.length === 0 ? 'is free in every context.' : `runs ${elsewhere.join(', ')}.`}
      </>
    )
  return (
    <>
      {whole}{' '}
      {winner === null ? (
        elsewhere.length === 0 ? (
          'is free.'
        ) : (
          'does nothing here.'
        )
      ) : (
        <>
          runs <strong>{winner.name}</strong> ({winner.context}).
        </>
      )}
      {held.length > 0 && <> Held down: {held.map(({ name }) => name).join(', ')}.</>}
      {elsewhere.length > 0 && <> Elsewhere: {elsewhere.join(', ')}.</>}
      {reserved[press] !== undefined && <> Pressed here, the browser takes it ({reserved[press]}); a click on the board does not.</>}
    </>
  )
}

interface InFullProps {
  caps: CapView[]
  application: TableApplication
  name: string
}

/** Every name of the layer in letters of the usual size. */
function LayerInFull({ caps, application, name }: InFullProps) {
  const named = caps.filter(({ names }) => names.length > 0)
  return (
    <section className={css.layerInFull} aria-label="This layer in full">
      <h2>
        {counted(named.length, 'key')} with {name === '' ? 'no modifier' : name}, in full
      </h2>
      <ul>
        {named.map(({ key, legend, names, marks }) => (
          <li key={key.key}>
            <b>{legend}</b>
            <span>
              {names.map((one) => (
                <span key={`${one.from} ${one.name}`} data-inherited={one.isInherited}>
                  {marks !== null && <ContextMark application={application} index={one.from} />} {spokenName(one)}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
