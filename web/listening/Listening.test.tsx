import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { ListeningProvider, useChords, useListening } from './Listening'

interface Props {
  purpose?: string | null
  once?: boolean
  onChord: (chord: string) => void
}

function Screen({ purpose = 'to look up', once = false, onChord }: Props) {
  useChords(purpose, onChord, once)
  const { isListening, held } = useListening()
  return (
    <p>
      {isListening ? 'on' : 'off'} {held.join(' ')}
      <input aria-label="words" />
    </p>
  )
}

function show(props: Partial<Props> = {}) {
  const onChord = vi.fn<(chord: string) => void>()
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
    press('F9')
    expect(screen.getByText(/^off/)).toBeTruthy()
  })

  it('takes a chord from the page, so that the browser does nothing with it', () => {
    const onChord = show()
    press('F9')
    expect(press('KeyP', { ctrlKey: true })).toBe(false)
    expect(onChord.mock.calls).toEqual([['Control+KeyP']])
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
    expect(onChord.mock.calls).toEqual([['Shift+F9']])
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
    expect(onChord.mock.calls).toEqual([['KeyV']])
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
