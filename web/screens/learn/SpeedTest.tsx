import { useEffect, useRef, useState } from 'react'
import css from './learn.module.css'

/** How long one types, in ms. */
const LONG = 60_000

/** Invented; about as long as the best typist types in a minute. */
const TEXT = [
  'The last train leaves the coast at half past nine, with three sleeping cars and a kitchen that smells of toast. The',
  'guard walks through once, with his lamp, and counts the berths under his breath. Behind the second door somebody is',
  'still awake: a light under the blind, a page that turns, a cup set down. Outside the marsh goes by in long grey strips,',
  'and now and then a window of water holds the moon for as long as it takes to see it. At the junction the cars are',
  'uncoupled, pushed apart, and joined to another train in the dark. Nobody wakes. The engine that brought them goes home',
  'alone, slowly, with its lamps off.',
].join(' ')

interface Props {
  /** Below this many keystrokes nothing is told. */
  fewest: number
  isSending: boolean
  onMeasured: (keystrokes: number, seconds: number) => void
  onLeave: () => void
}

/** A minute of typing a text, mistakes and corrections included. */
export function SpeedTest({ fewest, isSending, onMeasured, onLeave }: Props) {
  const [text, setText] = useState('')
  const [left, setLeft] = useState(LONG)
  const began = useRef<number | null>(null)
  const latest = useRef(0)
  const [keystrokes, setKeystrokes] = useState(0)
  const [isRunning, setRunning] = useState(false)
  const isOver = left <= 0
  useEffect(() => {
    if (!isRunning) return
    const timer = setInterval(() => {
      setLeft(Math.max(0, LONG - (performance.now() - (began.current ?? 0))))
    }, 250)
    return () => clearInterval(timer)
  }, [isRunning])
  return (
    <div className={css.speedTest} role="group" aria-label="Typing test">
      <p lang="en">{TEXT}</p>
      <textarea
        className="form-control"
        aria-label="Type the text above"
        rows={4}
        // eslint-disable-next-line jsx-a11y/no-autofocus -- the test was opened to type here
        autoFocus
        value={text}
        disabled={isOver}
        onKeyDown={(event) => {
          if (event.key.length > 1 && event.key !== 'Backspace' && event.key !== 'Enter') return
          if (began.current === null) {
            began.current = performance.now()
            setRunning(true)
          }
          latest.current = performance.now()
          setKeystrokes((before) => before + 1)
        }}
        onChange={(event) => setText(event.target.value)}
      />
      <p>
        {isRunning || isOver ? `${Math.ceil(left / 1000)} s left, ${keystrokes} keystrokes` : 'The minute begins with your first key.'}{' '}
        <button
          type="button"
          className="btn btn-sm btn-primary"
          disabled={isSending || keystrokes < fewest}
          onClick={() => onMeasured(keystrokes, (latest.current - (began.current ?? 0)) / 1000)}
        >
          {isOver ? 'Take this speed' : 'That is enough'}
        </button>{' '}
        <button type="button" className="plain" onClick={onLeave}>
          Leave it
        </button>
      </p>
    </div>
  )
}
