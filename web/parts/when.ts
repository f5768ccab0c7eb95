/** The time of a moment today, or its date. */
export function when(moment: string): string {
  const then = new Date(moment)
  return then.toDateString() === new Date().toDateString()
    ? `at ${then.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`
    : `on ${then.toLocaleDateString()}`
}

/** The date of a moment. */
export const day = (moment: string): string => new Date(moment).toLocaleDateString([], { day: 'numeric', month: 'long' })
