/** Function keys type nothing, so any of them starts listening without disturbing a text field. */
export const LISTEN_KEYS = ['F1', 'F2', 'F3', 'F4', 'F5', 'F6', 'F7', 'F8', 'F9', 'F10', 'F12'] as const

const STORED = 'listen-key'
const USUAL = 'F9'

/** The key that starts and stops listening on this machine. */
export function listenKey(): string {
  const stored = localStorage.getItem(STORED)
  return LISTEN_KEYS.find((key) => key === stored) ?? USUAL
}

export function chooseListenKey(key: string): void {
  localStorage.setItem(STORED, key)
}
