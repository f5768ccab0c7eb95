/** A number with its noun: "1 answer", "12 answers". @param many the plural where an s is not enough */
export const counted = (number: number, one: string, many = `${one}s`): string => `${number.toLocaleString()} ${number === 1 ? one : many}`
