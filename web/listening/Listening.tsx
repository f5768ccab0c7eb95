import { createContext, use, useCallback, useEffect, useEffectEvent, useMemo, useState, type ReactNode } from 'react'
import { heldModifiers, pressedChord } from './pressed'

/** Starts and stops listening. Function keys type nothing, so this one disturbs no text field. */
export const LISTEN_KEY = 'F9'

interface Listener {
  /** What the next chords are for, as the end of "Press a chord …". */
  purpose: string
  onChord: (chord: string) => void
  /** Stop after the first chord. */
  once: boolean
}

interface Listening {
  isListening: boolean
  /** Modifiers that are down while listening. */
  held: string[]
  purpose: string | null
  toggle: () => void
  register: (listener: Listener) => () => void
}

const NONE_HELD: string[] = []

const ListeningContext = createContext<Listening | null>(null)

/** Takes chords from the page while it is on; the screen that is shown says what for. */
export function ListeningProvider({ children }: { children: ReactNode }) {
  const [isListening, setListening] = useState(false)
  const [held, hold] = useState(NONE_HELD)
  const [listener, setListener] = useState<Listener | null>(null)
  const isOn = isListening && listener !== null
  // The same modifiers are the same list, so that nothing is drawn again for them.
  const setHeld = useCallback((next: string[]) => {
    hold((before) => (before.join() === next.join() ? before : next))
  }, [])

  const take = useEffectEvent((event: KeyboardEvent) => {
    if (event.code === LISTEN_KEY && heldModifiers(event).length === 0) {
      event.preventDefault()
      if (!event.repeat && listener !== null) setListening(!isListening)
      return
    }
    if (!isOn) return
    event.preventDefault()
    event.stopPropagation()
    setHeld(heldModifiers(event))
    const chord = event.repeat ? null : pressedChord(event)
    if (chord === null) return
    listener.onChord(chord)
    if (listener.once) setListening(false)
  })
  const release = useEffectEvent((event: KeyboardEvent) => {
    if (isOn) setHeld(heldModifiers(event))
  })

  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      take(event)
    }
    const up = (event: KeyboardEvent) => {
      release(event)
    }
    window.addEventListener('keydown', down, { capture: true })
    window.addEventListener('keyup', up, { capture: true })
    return () => {
      window.removeEventListener('keydown', down, { capture: true })
      window.removeEventListener('keyup', up, { capture: true })
    }
  }, [])

  const toggle = useCallback(() => {
    setListening((before) => !before)
    setHeld(NONE_HELD)
  }, [setHeld])
  const register = useCallback((next: Listener) => {
    setListener(next)
    return () => {
      setListener((now) => (now === next ? null : now))
    }
  }, [])
  const value = useMemo(
    () => ({ isListening: isOn, held: isOn ? held : NONE_HELD, purpose: listener?.purpose ?? null, toggle, register }),
    [isOn, held, listener, toggle, register],
  )
  return <ListeningContext value={value}>{children}</ListeningContext>
}

export function useListening(): Listening {
  const listening = use(ListeningContext)
  if (listening === null) throw new Error('useListening needs a ListeningProvider around it.')
  return listening
}

/**
 * Tells that chords pressed while listening are for this screen, as long as it is shown.
 *
 * @param purpose null while the screen cannot take any yet
 */
export function useChords(purpose: string | null, onChord: (chord: string) => void, once = false): void {
  const { register } = useListening()
  const handler = useEffectEvent(onChord)
  useEffect(
    () =>
      purpose === null
        ? undefined
        : register({
            purpose,
            once,
            onChord: (chord) => handler(chord),
          }),
    [register, purpose, once],
  )
}
