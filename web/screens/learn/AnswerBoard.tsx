import { useMemo, useState } from 'react'
import { Board, type CapView } from '../../board/Board'
import { useTable } from '../../board/queries'
import { layerId, pressOf, type BoardKey, type Table } from '../../board/table'
import { useListening } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { useStable } from '../../parts/useStable'
import css from './learn.module.css'

const nothing = () => undefined

/** The board without any name on it, to click an answer on. Modifiers stay held until the next key. */
export function AnswerBoard({ onPress }: { onPress: (chord: string) => void }) {
  return <Asking of={useTable()}>{(table) => <Blank table={table} onPress={onPress} />}</Asking>
}

function Blank({ table, onPress }: { table: Table; onPress: (chord: string) => void }) {
  const { held } = useListening()
  const [clicked, setClicked] = useState<string[]>([])
  const [isFn, setFn] = useState(false)
  const caps = useMemo(
    () =>
      table.board.keys.map((key): CapView => ({
        key,
        use: undefined,
        names: [],
        marks: null,
        legend: ((isFn ? key.with_fn : null) ?? key).name,
        isHeld: key.held !== null && (key.held.length === 0 ? isFn : key.held.every((one) => clicked.includes(one) || held.includes(one))),
        press: '',
        says: key.held === null ? ((isFn ? key.with_fn : null) ?? key).spoken : `Hold ${key.spoken}`,
      })),
    [table, clicked, held, isFn],
  )
  const choose = useStable((key: BoardKey) => {
    if (key.held === null) {
      const chord = pressOf(layerId(clicked), key, isFn)
      setClicked([])
      setFn(false)
      onPress(chord)
    } else if (key.held.length === 0) setFn(!isFn)
    else
      setClicked(
        key.held.every((one) => clicked.includes(one))
          ? clicked.filter((one) => key.held?.includes(one) !== true)
          : [...clicked, ...key.held],
      )
  })
  return (
    <section className={css.answerBoard} aria-label="Board">
      <Board
        board={table.board}
        caps={caps}
        size={table.board}
        isLarge={false}
        onChoose={choose}
        onLook={nothing}
        pressOf={null}
        onDrop={nothing}
      />
    </section>
  )
}
