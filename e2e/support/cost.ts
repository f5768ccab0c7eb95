import type { Page } from '@playwright/test'

/**
 * Times of the keystroke-level model, in seconds. Source: Card, Moran, Newell, "The keystroke-level model for user performance time with
 * interactive systems", CACM 23(7), 1980: K of an average skilled typist (55 words a minute), pointing, homing, mental preparation.
 */
const K = 0.2
const K_GOOD = 0.12
const P = 1.1
const H = 0.4
const M = 1.35

/** What hands and eyes did, in the order in which it came. */
type Operator = 'K' | 'P' | 'H' | 'M'

const SECONDS: Record<Operator, number> = { K, P, H, M }

interface Told {
  kind: 'key' | 'press' | 'release'
  /** Whether the key writes into a field. */
  isText: boolean
  isModifier: boolean
  isTerminator: boolean
  x: number
  y: number
}

declare global {
  interface Window {
    told: Told[]
  }
}

/** Notes what really comes to the page, from now on and after every load. */
export async function watchHands(page: Page): Promise<void> {
  const install = () => {
    window.told = JSON.parse(sessionStorage.getItem('told') ?? '[]') as Told[]
    const note = (one: Told) => {
      window.told.push(one)
      sessionStorage.setItem('told', JSON.stringify(window.told))
    }
    window.addEventListener(
      'keydown',
      (event) => {
        if (event.repeat) return
        note({
          kind: 'key',
          // It is text once it has been written somewhere; a chord that the page takes never is.
          isText: false,
          isModifier: ['Shift', 'Control', 'Alt', 'Meta', 'AltGraph'].includes(event.key),
          isTerminator: event.key === 'Enter',
          x: 0,
          y: 0,
        })
      },
      { capture: true },
    )
    window.addEventListener(
      'input',
      () => {
        const last = window.told.at(-1)
        if (last?.kind === 'key') last.isText = true
        sessionStorage.setItem('told', JSON.stringify(window.told))
      },
      { capture: true },
    )
    for (const [type, kind] of [
      ['mousedown', 'press'],
      ['mouseup', 'release'],
      // While something is dragged the page hears of its end only so.
      ['dragend', 'release'],
    ] as const)
      window.addEventListener(
        type,
        (event) => note({ kind, isText: false, isModifier: false, isTerminator: false, x: event.clientX, y: event.clientY }),
        { capture: true },
      )
  }
  await page.addInitScript(install)
  await page.evaluate(install)
  await page.evaluate(() => {
    window.told = []
    sessionStorage.removeItem('told')
  })
}

/**
 * The operators of what was told, by the paper's rules: M before what begins a unit (a word, a chord, a pointing), none inside a word, and
 * none before the Enter that ends it; P before a mouse press that is elsewhere than the last, and before a drop; H where the hand changes
 * its device.
 */
export function operators(told: readonly Told[], isHandOnMouse: boolean): Operator[] {
  const done: Operator[] = []
  let onMouse = isHandOnMouse
  let inText = false
  let inChord = false
  let last: Told | null = null
  for (const one of told) {
    const isMouse = one.kind !== 'key'
    if (isMouse !== onMouse && one.kind !== 'release') {
      done.push('H')
      onMouse = isMouse
    }
    if (one.kind === 'release') {
      const isDrag = last !== null && Math.hypot(one.x - last.x, one.y - last.y) > 4
      if (isDrag) done.push('P')
      inText = false
      inChord = false
    } else if (one.kind === 'press') {
      done.push('M', 'P', 'K')
      inText = false
      inChord = false
    } else {
      const continues = (one.isText && inText) || inChord || (one.isTerminator && inText)
      if (!continues) done.push('M')
      done.push('K')
      inText = one.isText
      inChord = one.isModifier
    }
    last = one
  }
  return done
}

/** What it cost so far, in seconds, and of what that is made. */
export async function cost(page: Page, isHandOnMouse: boolean): Promise<{ seconds: number; made: string }> {
  const made = operators(await page.evaluate(() => window.told), isHandOnMouse)
  return { seconds: made.reduce((sum, one) => sum + SECONDS[one], 0), made: made.join('') }
}

/**
 * The same for somebody practised: a good typist (90 words a minute), for whom a word, Enter and its key are one unit that is thought of
 * once (the paper's rule 2).
 *
 * @param units how many of them there were
 */
export async function practisedCost(page: Page, units: number): Promise<number> {
  const made = operators(await page.evaluate(() => window.told), false)
  return units * M + made.filter((one) => one === 'K').length * K_GOOD
}
