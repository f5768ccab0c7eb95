/** What somebody looked at last on this machine, for screens that are opened without saying what of. */
export type Remembered = 'application' | 'context' | 'board-size'

const key = (name: Remembered): string => `last-${name}`

/** Empty where nothing is. */
export const remembered = (name: Remembered): string => localStorage.getItem(key(name)) ?? ''

export function remember(name: Remembered, value: string): void {
  localStorage.setItem(key(name), value)
}
