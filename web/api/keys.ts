/** What queries are remembered under. A write names the first parts of what it makes untrue. */

/** Everything that is computed from a person's keymaps. */
export const KIT = ['kit'] as const

export const SUITES = ['suites'] as const

/** Where somebody sits, and what is offered to them from there. */
export const SITTINGS = ['sittings'] as const

export const ROLLOUTS = ['rollouts'] as const

export const SESSION = ['session'] as const

/** The accounts and invitations of the house. */
export const PEOPLE = ['people'] as const

/** Somebody's own account. */
export const ACCOUNT = ['account'] as const

/** What somebody learns, and all that is worked out from their uses. */
export const LEARN = ['kit', 'learn'] as const
