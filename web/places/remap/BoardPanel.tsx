import { useState } from 'react'
import type { Schema } from '../../api/client'
import { useLayer } from '../../api/queries'
import { useListening } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { Board } from './Board'

interface Props { application: string; context: string; chord: string; onChord: (chord: string) => void }

const USES: Record<Schema['LayerKey']['use'], string> = { taken: 'taken here', 'taken-elsewhere': 'taken in other contexts', free: 'free' }

/** The board with one layer: modifiers stick when they are clicked, and follow the real ones while the page listens. */
export function BoardPanel({ application, context, chord, onChord }: Props) {
  const { held: really } = useListening()
  const [sticky, setSticky] = useState<string[]>([])
  const [looked, setLooked] = useState<Schema['LayerKey'] | null>(null)
  const held = really.length > 0 ? really : sticky
  const layer = useLayer(application, held.join('+'), context)

  function choose(key: Schema['LayerKey']) {
    const { modifier } = key
    if (modifier !== null) setSticky((before) => before.includes(modifier) ? before.filter((one) => one !== modifier) : [...before, modifier])
    else if (key.chord !== null) onChord(key.chord.id)
  }

  return (
    <section className="board-panel" aria-label="Board">
      <Asking of={layer}>
        {({ board, keys }) => (
          <>
            <Board board={board} keys={keys} held={held} chosen={chord} onChoose={choose} onLook={setLooked} />
            <p className="readout" aria-live="polite">
              {looked === null
                ? <>Click modifiers to hold them, then a key. <Legend /></>
                : <Readout key={looked.key} of={keys.find(({ key }) => key === looked.key) ?? looked} />}
            </p>
          </>
        )}
      </Asking>
    </section>
  )
}

function Legend() {
  return (
    <span className="legend">
      {Object.entries(USES).map(([use, words]) => <span key={use}><i className="dot" data-use={use} aria-hidden="true" /> {words}</span>)}
    </span>
  )
}

function Readout({ of }: { of: Schema['LayerKey'] }) {
  if (of.modifier !== null) return <>{of.legend}: click to hold it or let go.</>
  const elsewhere = of.elsewhere.map((one) => `${one.command.name} in ${one.context.name}`).join(', ')
  return (
    <>
      <strong>{of.chord?.label ?? of.legend}</strong>{' '}
      {of.winner === null ? (of.use === 'free' ? 'is free.' : 'does nothing here.') : <>runs <strong>{of.winner.command.name}</strong> ({of.winner.context.name}).</>}
      {elsewhere !== '' && <> Elsewhere: {elsewhere}.</>}
    </>
  )
}
