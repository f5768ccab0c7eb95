/** What is needed of a keyboard event. */
export type KeyEvent = Pick<KeyboardEvent, 'code' | 'ctrlKey' | 'altKey' | 'shiftKey' | 'metaKey' | 'getModifierState'>

const MODIFIER_KEY = /^(Control|Alt|Shift|Meta)(Left|Right)$|^Fn$/

/** The modifiers that are down, in the words and the order of the server. */
export function heldModifiers(event: KeyEvent): string[] {
  // Where AltGr is Control and Alt, both are told as well, and it is they that applications see.
  const isThirdLevel = event.getModifierState('AltGraph') && !(event.ctrlKey && event.altKey)
  return [
    event.ctrlKey && 'Control',
    event.altKey && 'Alt',
    isThirdLevel && 'AltGraph',
    event.shiftKey && 'Shift',
    event.metaKey && 'Meta',
  ].filter((one) => one !== false)
}

/** The chord of a keydown as the server reads it, such as `Control+Shift+KeyB`; null while only modifiers are down. */
export function pressedChord(event: KeyEvent): string | null {
  if (event.code === '' || MODIFIER_KEY.test(event.code)) return null
  return [...heldModifiers(event), event.code].join('+')
}
