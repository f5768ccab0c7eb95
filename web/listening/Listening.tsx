import { createContext, use, useCallback, useEffect, useEffectEvent, useMemo, useRef, useState, type ReactNode } from 'react'
import { chooseListenKey, listenKey } from './listenKey'
import { heldModifiers, pressedChord } from './pressed'

export type PressGesture = 'tap' | 'hold'

/** A key that is down for this long, in ms, is held; below it is tapped. */
export const HELD_AFTER = 350

/** Two presses of the listening key within this time, in ms, are the chord that it is. */
const TWICE_WITHIN = 350

interface Listener {
  /** What the next chords are for, as the end of "Press a chord …". */
  purpose: string
  onChord: (chord: string, gesture: PressGesture) => void
  /** Stop after the first chord. */
  once: boolean
  /** Whether a hold is told from a tap; then a tap is told when the key goes up. */
  tellsHold: boolean
  /** When a key that was held goes up. */
  onRelease: () => void
}

interface Listening {
  isListening: boolean
  /** Modifiers that are down while listening. */
  held: string[]
  purpose: string | null
  /** The key that starts and stops listening. */
  startKey: string
  chooseStartKey: (key: string) => void
  toggle: () => void
  start: () => void
  stop: () => void
  register: (listener: Listener) => () => void
}

const NONE_HELD: string[] = []

const ListeningContext = createContext<Listening | null>(null)

interface Down {
  code: string
  chord: string
  /** Null once it is told as held. */
  timer: ReturnType<typeof setTimeout> | null
}

/** Takes chords from the page while it is on; the screen that is shown says what for. */
export function ListeningProvider({ children }: { children: ReactNode }) {
  const [isListening, setListening] = useState(false)
  const [held, hold] = useState(NONE_HELD)
  const [startKey, setStartKey] = useState(listenKey)
  const [listener, setListener] = useState<Listener | null>(null)
  const isOn = isListening && listener !== null
  const lastStart = useRef(-Infinity)
  const stopping = useRef<ReturnType<typeof setTimeout>>(undefined)
  const down = useRef<Down | null>(null)
  // The same modifiers are the same list, so that nothing is drawn again for them.
  const setHeld = useCallback((next: string[]) => {
    hold((before) => (before.join() === next.join() ? before : next))
  }, [])

  const tell = useEffectEvent((chord: string, gesture: PressGesture) => {
    listener?.onChord(chord, gesture)
    if (listener?.once === true) setListening(false)
  })

  const takeChord = useEffectEvent((code: string, chord: string) => {
    if (listener?.tellsHold !== true) {
      tell(chord, 'tap')
      return
    }
    const pressed: Down = { code, chord, timer: null }
    pressed.timer = setTimeout(() => {
      pressed.timer = null
      tell(chord, 'hold')
    }, HELD_AFTER)
    down.current = pressed
  })

  /** Starts; or stops after a while in which the key may be pressed again, and then is a chord like any other. */
  const takeStartKey = useEffectEvent((event: KeyboardEvent) => {
    event.preventDefault()
    event.stopPropagation()
    if (event.repeat || listener === null) return
    const isTwice = event.timeStamp - lastStart.current < TWICE_WITHIN
    lastStart.current = event.timeStamp
    if (!isOn) setListening(true)
    else if (isTwice) {
      clearTimeout(stopping.current)
      takeChord(event.code, startKey)
    } else stopping.current = setTimeout(() => setListening(false), TWICE_WITHIN)
  })

  const take = useEffectEvent((event: KeyboardEvent) => {
    if (event.code === startKey && heldModifiers(event).length === 0) {
      takeStartKey(event)
      return
    }
    if (!isOn) return
    // Whatever else was pressed in between, the listening key after it stops.
    lastStart.current = -Infinity
    event.preventDefault()
    event.stopPropagation()
    setHeld(heldModifiers(event))
    const chord = event.repeat ? null : pressedChord(event)
    if (chord !== null) takeChord(event.code, chord)
  })

  const release = useEffectEvent((event: KeyboardEvent) => {
    if (isOn) setHeld(heldModifiers(event))
    const pressed = down.current
    if (pressed?.code !== event.code) return
    down.current = null
    if (pressed.timer === null) listener?.onRelease()
    else {
      clearTimeout(pressed.timer)
      tell(pressed.chord, 'tap')
    }
  })

  useEffect(() => {
    const onDown = (event: KeyboardEvent) => {
      take(event)
    }
    const onUp = (event: KeyboardEvent) => {
      release(event)
    }
    window.addEventListener('keydown', onDown, { capture: true })
    window.addEventListener('keyup', onUp, { capture: true })
    return () => {
      window.removeEventListener('keydown', onDown, { capture: true })
      window.removeEventListener('keyup', onUp, { capture: true })
    }
  }, [])

  const toggle = useCallback(() => {
    setListening((before) => !before)
    setHeld(NONE_HELD)
  }, [setHeld])
  const start = useCallback(() => setListening(true), [])
  const stop = useCallback(() => {
    clearTimeout(stopping.current)
    setListening(false)
    setHeld(NONE_HELD)
  }, [setHeld])
  const chooseStartKey = useCallback((key: string) => {
    chooseListenKey(key)
    setStartKey(key)
  }, [])
  const register = useCallback((next: Listener) => {
    setListener(next)
    return () => {
      setListener((now) => (now === next ? null : now))
    }
  }, [])
  const value = useMemo(
    () => ({
      isListening: isOn,
      held: isOn ? held : NONE_HELD,
      purpose: listener?.purpose ?? null,
      startKey,
      chooseStartKey,
      toggle,
      start,
      stop,
      register,
    }),
    [isOn, held, listener, startKey, chooseStartKey, toggle, start, stop, register],
  )
  return <ListeningContext value={value}>{children}</ListeningContext>
}

export function useListening(): Listening {
  const listening = use(ListeningContext)
  if (listening === null) throw new Error('useListening needs a ListeningProvider around it.')
  return listening
}

interface Way {
  once?: boolean
  tellsHold?: boolean
  onRelease?: () => void
}

/**
 * Tells that chords pressed while listening are for this screen, as long as it is shown.
 *
 * @param purpose null while the screen cannot take any yet
 */
export function useChords(
  purpose: string | null,
  onChord: (chord: string, gesture: PressGesture) => void,
  { once = false, tellsHold = false, onRelease }: Way = {},
): void {
  const { register } = useListening()
  const handler = useEffectEvent(onChord)
  const released = useEffectEvent(() => onRelease?.())
  useEffect(
    () =>
      purpose === null
        ? undefined
        : register({
            purpose,
            once,
            tellsHold,
            onChord: (chord, gesture) => handler(chord, gesture),
            onRelease: () => released(),
          }),
    [register, purpose, once, tellsHold],
  )
}
