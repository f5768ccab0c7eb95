import { useState } from 'react'
import { useTable } from '../../board/queries'
import { BoardPanel } from '../../board/BoardPanel'
import type { Dragged } from '../../board/dragging'
import { layerId, contextIndex, splitPress } from '../../board/table'
import { Asking } from '../../parts/Asking'
import { useStoreOf } from '../../parts/store'
import { useStable } from '../../parts/useStable'

interface Props {
  application: string
  context: string
  chord: string
  onChord: (chord: string) => void
  onDropCommand: (command: string, chord: string) => void
  onSwap: (one: string, other: string) => void
}

/** The board as it is with the focus where the command shall run; what is clicked is the wanted chord, and what is dropped gets the key. */
export function RemapBoard({ application, context, chord, onChord, onDropCommand, onSwap }: Props) {
  const table = useTable()
  const [layer, setLayer] = useState(() => layerId(splitPress(chord).layer.split('+')))
  const chosen = useStoreOf(chord)
  const press = useStable(onChord)
  const drop = useStable((what: Dragged, onto: string) => {
    if (what.kind === 'command') onDropCommand(what.command, onto)
    else if (what.press !== onto) onSwap(what.press, onto)
  })
  return (
    <Asking of={table}>
      {(data) => {
        const found = data.applications.find(({ id }) => id === application)
        return found === undefined ? null : (
          <BoardPanel
            table={data}
            application={found}
            context={contextIndex(found, context)}
            layer={layer}
            onLayer={setLayer}
            chosen={chosen}
            onPress={press}
            onDrop={drop}
          />
        )
      }}
    </Asking>
  )
}
