import { useCallback, useEffect, useLayoutEffect, useState } from 'react'
import { NavigationType, useLocation, useNavigationType, useSearchParams } from 'react-router'

type Values = Record<string, string>

/** Marks entries of the history that the screen itself has written. */
export const OWN = { isOwn: true }

export const isOwn = (state: unknown): boolean => typeof state === 'object' && state !== null && 'isOwn' in state

/** The parameters after some of them were set; an empty value leaves the address. */
export function withValues(before: URLSearchParams, next: Values): URLSearchParams {
  const after = new URLSearchParams(before)
  for (const [name, value] of Object.entries(next)) {
    if (value === '') after.delete(name)
    else after.set(name, value)
  }
  return after
}

export interface Way {
  /** Whether Back shall not come to what is shown now: for steps on the way to something, such as letters of a word. */
  replace?: boolean
  /** Whether the address waits until the hand rests: for what is shown already, and pressed faster than the address is worth. */
  isLater?: boolean
}

/** What was written last and is not in the address yet: the fingers are faster than the router, and none of their steps may be lost. */
let written: URLSearchParams | null = null

/** So long, in ms, the hand rests before what it did stands in the address; longer than between two presses of a quick hand. */
export const RESTS = 90

/** The write that waits for the hand to rest. */
let waiting: { by: object; write: () => void; timer: ReturnType<typeof setTimeout> } | null = null

/** The entry of the history that is shown. */
let shown = ''

function forget(): void {
  if (waiting !== null) clearTimeout(waiting.timer)
  waiting = null
  window.removeEventListener('click', writeNow, { capture: true })
}

/** Whatever is clicked may lead away, and Back shall find what was shown. */
function writeNow(): void {
  const now = waiting
  forget()
  now?.write()
}

function writeLater(by: object, write: () => void): void {
  forget()
  waiting = { by, write, timer: setTimeout(writeNow, RESTS) }
  window.addEventListener('click', writeNow, { capture: true })
}

/** State that lives in the address, so that every view can be linked to and gone back to. */
export function useAddress(): [read: (name: string) => string, write: (next: Values, way?: Way) => void] {
  const [parameters, setParameters] = useSearchParams()
  const location = useLocation()
  const { key } = location
  const state: unknown = location.state
  const kind = useNavigationType()
  useLayoutEffect(() => {
    // Who only joins the screen ends nothing that waits.
    if (key === shown && waiting !== null) return
    shown = key
    // A step that arrives while a later one is on its way does not end the later one.
    if (kind === NavigationType.Pop || !isOwn(state) || written?.toString() === parameters.toString()) {
      written = null
      forget()
    }
  }, [key, kind, state, parameters])
  const [me] = useState(() => ({}))
  useEffect(
    () => () => {
      // Who has gone to another screen leaves nothing to write there.
      if (waiting?.by !== me) return
      written = null
      forget()
    },
    [me],
  )
  const read = useCallback((name: string) => parameters.get(name) ?? '', [parameters])
  const write = useCallback(
    (next: Values, { replace = false, isLater = false }: Way = {}) => {
      const after = withValues(written ?? parameters, next)
      const isSame = after.toString() === parameters.toString()
      written = after
      const toAddress = () => setParameters(after, { replace: replace || isSame, state: OWN, preventScrollReset: true })
      forget()
      if (isLater) writeLater(me, toAddress)
      else toAddress()
    },
    [me, parameters, setParameters],
  )
  return [read, write]
}
