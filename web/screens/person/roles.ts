import type { Role } from './mutations'

/** The roles of a house, in the order of what they may. */
export const ROLES: Record<Role, { name: string; may: string }> = {
  assistant: { name: 'assistant', may: 'looks up, learns, and changes keymaps of their own.' },
  editor: { name: 'editor', may: 'also sits down in suites with their own keys, and brings applications.' },
  'suite-keeper': { name: 'suite keeper', may: 'also looks after the house: people, suites, the house standard, rollouts.' },
}

export const ROLE_NAMES = Object.keys(ROLES) as Role[]
