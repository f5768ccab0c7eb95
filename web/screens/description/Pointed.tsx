import { useEffect, useEffectEvent, useRef, useState } from 'react'
import type { Schema } from '../../api/client'
import { MODIFIER_NAMES, MODIFIERS, ROLES } from './words'
import css from './description.module.css'

export interface Position {
  line: number
  from: number
  to: number
  text: string
}

interface Props {
  position: Position
  isSending: boolean
  onSay: (correction: Schema['KeyFileCorrection']) => void
  onClose: () => void
}

/** What somebody says of a place in the file: a sentence with one blank. */
export function Pointed({ position, isSending, onSay, onClose }: Props) {
  const head = useRef<HTMLHeadingElement>(null)
  const [key, setKey] = useState('')
  useEffect(() => head.current?.focus({ preventScroll: true }), [])
  const onEscape = useEffectEvent((event: KeyboardEvent) => {
    if (event.key === 'Escape') onClose()
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      onEscape(event)
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
  const { line, from, to, text } = position
  return (
    <section className={css.pointed} aria-label="What you pointed at">
      <h2 ref={head} tabIndex={-1}>
        “{text}” in line {line} is …
      </h2>
      <div className={css.says}>
        {ROLES.map(([says, name]) => (
          <button
            key={says}
            type="button"
            className="btn btn-outline-secondary btn-sm"
            disabled={isSending}
            onClick={() => onSay({ says, line, from, to, word: text })}
          >
            {name}
          </button>
        ))}
      </div>
      <p>… or the word means</p>
      <div className={css.says}>
        {MODIFIERS.map((modifier) => (
          <button
            key={modifier}
            type="button"
            className="btn btn-outline-secondary btn-sm"
            disabled={isSending}
            onClick={() => onSay({ says: 'word', word: text, means: modifier })}
          >
            {modifier === 'Primary' ? 'the primary key' : MODIFIER_NAMES[modifier]}
          </button>
        ))}
        <label>
          <span className="visually-hidden">a key</span>
          <select className="form-select form-select-sm" value={key} onChange={(event) => setKey(event.target.value)}>
            <option value="">a key …</option>
            {KEYS.map(([code, name]) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {key !== '' && (
          <button
            type="button"
            className="btn btn-primary btn-sm"
            disabled={isSending}
            onClick={() => onSay({ says: 'word', word: text, means: key })}
          >
            Say so
          </button>
        )}
      </div>
      <button type="button" className="btn btn-outline-secondary btn-sm" onClick={onClose}>
        Nothing; leave it
      </button>
    </section>
  )
}

/** Keys that programs have words for; letters, digits and function keys are known by themselves. */
const KEYS = [
  ['Space', 'Space'],
  ['Enter', 'Enter'],
  ['Escape', 'Escape'],
  ['Tab', 'Tab'],
  ['Backspace', 'Backspace'],
  ['Delete', 'Delete'],
  ['Insert', 'Insert'],
  ['Home', 'Home'],
  ['End', 'End'],
  ['PageUp', 'Page up'],
  ['PageDown', 'Page down'],
  ['ArrowLeft', 'Left'],
  ['ArrowRight', 'Right'],
  ['ArrowUp', 'Up'],
  ['ArrowDown', 'Down'],
  ['Minus', 'Minus'],
  ['Equal', 'Equals'],
  ['BracketLeft', 'Left bracket'],
  ['BracketRight', 'Right bracket'],
  ['Backslash', 'Backslash'],
  ['Semicolon', 'Semicolon'],
  ['Quote', 'Apostrophe'],
  ['Backquote', 'Backquote'],
  ['Comma', 'Comma'],
  ['Period', 'Full stop'],
  ['Slash', 'Slash'],
  ['IntlBackslash', 'The key beside the left Shift'],
  ['NumpadEnter', 'Pad Enter'],
  ['NumpadAdd', 'Pad plus'],
  ['NumpadSubtract', 'Pad minus'],
  ['NumpadMultiply', 'Pad asterisk'],
  ['NumpadDivide', 'Pad slash'],
  ['NumpadDecimal', 'Pad full stop'],
] as const
