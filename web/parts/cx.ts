/** Class names joined; what is not set is left out. */
export const cx = (...names: (string | false | undefined)[]): string => names.filter((name) => typeof name === 'string').join(' ')
