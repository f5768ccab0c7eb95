/** An answer that comes when the test says so. */
export function later<T>(): { promise: Promise<T>; come: (value: T) => void } {
  let come: ((value: T) => void) | undefined
  const promise = new Promise<T>((done) => {
    come = done
  })
  if (come === undefined) throw new Error('A promise calls its executor at once.')
  return { promise, come }
}
