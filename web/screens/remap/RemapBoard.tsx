import { useState } from 'react'
import { useTable } from '../../board/queries'
import { BoardPanel } from '../../board/BoardPanel'
import { layerId, contextIndex, splitPress } from '../../board/table'
import { Asking } from '../../parts/Asking'

interface Props {
  application: string
  context: string
  chord: string
  onChord: (chord: string) => void
}

/** The board as it is with the focus where the command shall run; what is clicked is the wanted chord. */
export function RemapBoard({ application, context, chord, onChord }: Props) {
  const table = useTable()
  const [layer, setLayer] = useState(() => layerId(splitPress(chord).layer.split('+')))
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
            chosen={chord}
            onPress={onChord}
          />
        )
      }}
    </Asking>
  )
}
