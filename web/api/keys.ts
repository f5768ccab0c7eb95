/** What queries are remembered under. A write names the first parts of what it makes untrue. */

/** Everything that is computed from a person's keymaps. */
export const KIT = ['kit'] as const

export const SUITES = ['suites'] as const

export const SESSION = ['session'] as const
