import { describe, expect, it } from 'vitest'
import { pressedChord, type KeyEvent } from './pressed'

interface Down {
  code: string
  control?: boolean
  alt?: boolean
  altGraph?: boolean
  shift?: boolean
  meta?: boolean
}

const event = ({ code, control = false, alt = false, altGraph = false, shift = false, meta = false }: Down): KeyEvent => ({
  code,
  ctrlKey: control,
  altKey: alt,
  shiftKey: shift,
  metaKey: meta,
  getModifierState: (name) => name === 'AltGraph' && altGraph,
})

describe('AltGr and E, as the browsers of three systems tell it', () => {
  it('is Control and Alt on Windows, where applications see those two', () => {
    expect(pressedChord(event({ code: 'KeyE', control: true, alt: true, altGraph: true }))).toBe('Control+Alt+KeyE')
  })

  it('is AltGraph on Linux, where no other modifier is told', () => {
    expect(pressedChord(event({ code: 'KeyE', altGraph: true }))).toBe('AltGraph+KeyE')
  })

  it('is Alt on macOS, where the third level is the Option key', () => {
    expect(pressedChord(event({ code: 'KeyE', alt: true }))).toBe('Alt+KeyE')
  })
})

describe('a pressed chord', () => {
  it('has its modifiers in the order of the server', () => {
    expect(pressedChord(event({ code: 'KeyB', shift: true, meta: true, control: true, alt: true }))).toBe('Control+Alt+Shift+Meta+KeyB')
  })

  it.each(['ControlLeft', 'AltRight', 'ShiftLeft', 'MetaRight', 'Fn', ''])('is not there while only %j is down', (code) => {
    expect(pressedChord(event({ code, control: true }))).toBeNull()
  })

  it('is that of a key which is no modifier though its name begins like one', () => {
    expect(pressedChord(event({ code: 'ContextMenu' }))).toBe('ContextMenu')
  })
})
