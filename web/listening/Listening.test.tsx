import { act, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { HELD_AFTER, ListeningProvider, useChords, useListening } from './Listening'

interface Props {
  purpose?: string | null
  once?: boolean
  tellsHold?: boolean
  onChord: (chord: string, gesture: string) => void
  onRelease?: () => void
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

const pass = (milliseconds: number): void => {
  act(() => {
    vi.advanceTimersByTime(milliseconds)
  })
}

function Screen({ purpose = 'to look up', once = false, tellsHold = false, onChord, onRelease = () => undefined }: Props) {
  useChords(purpose, onChord, { once, tellsHold, onRelease })
  const { isListening, held } = useListening()
  return (
    <p>
      {isListening ? 'on' : 'off'} {held.join(' ')}
      <input aria-label="words" />
    </p>
  )
}

function show(props: Partial<Props> = {}) {
  const onChord = vi.fn<(chord: string, gesture: string) => void>()
  render(
    <ListeningProvider>
      <Screen onChord={onChord} {...props} />
    </ListeningProvider>,
  )
  return onChord
}

const press = (code: string, more: object = {}) => fireEvent.keyDown(screen.getByLabelText('words'), { code, ...more })

describe('listening', () => {
  it('takes no chord before it is turned on, and leaves keys to the text field', () => {
    const onChord = show()
    expect(press('KeyV')).toBe(true)
    expect(onChord).not.toHaveBeenCalled()
  })

  it('is turned on and off with F9, also from a text field', () => {
    show()
    press('F9')
    expect(screen.getByText(/^on/)).toBeTruthy()
    pass(1000)
    press('F9')
    pass(1000)
    expect(screen.getByText(/^off/)).toBeTruthy()
  })

  it('takes its own key as a chord when it is pressed twice', () => {
    const onChord = show()
    press('F9')
    press('F9')
    expect(onChord.mock.calls).toEqual([['F9', 'tap']])
    pass(1000)
    expect(screen.getByText(/^on/)).toBeTruthy()
  })

  it('is started by another key once that is chosen', () => {
    localStorage.setItem('listen-key', 'F7')
    show()
    press('F9')
    expect(screen.getByText(/^off/)).toBeTruthy()
    press('F7')
    expect(screen.getByText(/^on/)).toBeTruthy()
    localStorage.clear()
  })

  it('tells a hold by really holding, and when the key goes up', () => {
    const onRelease = vi.fn()
    const onChord = show({ tellsHold: true, onRelease })
    press('F9')
    press('KeyE')
    pass(HELD_AFTER - 1)
    fireEvent.keyUp(window, { code: 'KeyE' })
    expect(onChord.mock.calls).toEqual([['KeyE', 'tap']])
    press('KeyE')
    pass(HELD_AFTER)
    expect(onChord.mock.calls.at(-1)).toEqual(['KeyE', 'hold'])
    expect(onRelease).not.toHaveBeenCalled()
    fireEvent.keyUp(window, { code: 'KeyE' })
    expect(onRelease).toHaveBeenCalledTimes(1)
    expect(onChord).toHaveBeenCalledTimes(2)
  })

  it('takes a chord from the page, so that the browser does nothing with it', () => {
    const onChord = show()
    press('F9')
    expect(press('KeyP', { ctrlKey: true })).toBe(false)
    expect(onChord.mock.calls).toEqual([['Control+KeyP', 'tap']])
  })

  it('takes a key that is held down once', () => {
    const onChord = show()
    press('F9')
    press('KeyV')
    press('KeyV', { repeat: true })
    expect(onChord).toHaveBeenCalledTimes(1)
  })

  it('hears F9 with a modifier as a chord like any other', () => {
    const onChord = show()
    press('F9')
    press('F9', { shiftKey: true })
    expect(onChord.mock.calls).toEqual([['Shift+F9', 'tap']])
    expect(screen.getByText(/^on/)).toBeTruthy()
  })

  it('shows the modifiers that are held, and lets go of them', () => {
    show()
    press('F9')
    press('ShiftLeft', { shiftKey: true })
    expect(screen.getByText('on Shift')).toBeTruthy()
    fireEvent.keyUp(window, { code: 'ShiftLeft' })
    expect(screen.getByText('on')).toBeTruthy()
  })

  it('ends after the first chord where the screen wants one', () => {
    const onChord = show({ once: true })
    press('F9')
    press('KeyV')
    press('KeyB')
    expect(onChord.mock.calls).toEqual([['KeyV', 'tap']])
    expect(screen.getByText(/^off/)).toBeTruthy()
  })

  it('cannot be turned on while no screen can take a chord', () => {
    const onChord = show({ purpose: null })
    press('F9')
    press('KeyV')
    expect(onChord).not.toHaveBeenCalled()
    expect(screen.getByText(/^off/)).toBeTruthy()
  })
})
