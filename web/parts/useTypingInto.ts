import { useEffect, type RefObject } from 'react'

const TAKES_LETTERS = 'input, select, textarea, [contenteditable], [role=dialog]'

/** Letters that are typed anywhere on the screen go into one field, which has the focus on arrival. A blank still presses buttons. */
export function useTypingInto(field: RefObject<HTMLInputElement | null>): void {
  useEffect(() => {
    field.current?.focus({ preventScroll: true })
    const type = (event: KeyboardEvent) => {
      const isLetter = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.altKey && !event.metaKey
      const isElsewhere = event.target instanceof Element && event.target.closest(TAKES_LETTERS) !== null
      if (!event.defaultPrevented && isLetter && !isElsewhere) field.current?.focus({ preventScroll: true })
    }
    window.addEventListener('keydown', type)
    return () => window.removeEventListener('keydown', type)
  }, [field])
}
