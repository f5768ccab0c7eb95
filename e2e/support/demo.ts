import { expect, type Browser, type BrowserContext, type Page } from '@playwright/test'
import { resolve } from 'node:path'
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'

const WORKSTATIONS = process.env.ZEBRAFINCH_WORKSTATIONS ?? 'var/workstations'

export type Account = 'picture' | 'sound' | 'motion' | 'keeper' | 'assistant'

export interface Keyboard {
  system: 'macos' | 'windows' | 'linux'
  board: string
  layout: string
}

const USUAL: Keyboard = { system: 'linux', board: 'full-ansi', layout: 'us' }

type Cookies = Awaited<ReturnType<BrowserContext['cookies']>>

/** Who has signed in through the page before; the server is not asked to check a password for every test. */
const signedIn = new Map<Account, Cookies>()

/** Opens Find as one of the demo accounts, with a keyboard in front. */
export async function signIn(page: Page, account: Account, keyboard: Partial<Keyboard> = {}): Promise<void> {
  const cookies = signedIn.get(account)
  if (cookies !== undefined) await page.context().addCookies(cookies)
  // Set before the page starts, and only once, so that what a test chooses later stays chosen.
  await page.goto('/robots.txt')
  await page.evaluate(
    (seat) => {
      localStorage.setItem('seat', JSON.stringify({ seat, suite: null }))
    },
    { ...USUAL, ...keyboard },
  )
  await page.goto(cookies === undefined ? '/sign-in' : '/find')
  if (cookies === undefined) {
    await page.getByLabel('Address of your account').fill(`${account}@saltmarsh.example`)
    await page.getByLabel('Password').fill('night-train')
    await page.getByRole('button', { name: 'Sign in' }).click()
  }
  await expect(page.getByRole('heading', { name: 'Find' })).toBeAttached()
  if (cookies === undefined) signedIn.set(account, await page.context().cookies())
}

/** Asks the server as the page would, to begin in the middle of the work and to tidy up behind it. */
export async function ask(page: Page, method: 'get' | 'post' | 'put' | 'patch' | 'delete', path: string, data?: object): Promise<unknown> {
  const token = decodeURIComponent((await page.context().cookies()).find((one) => one.name === 'XSRF-TOKEN')?.value ?? '')
  const answer = await page.request[method](`/api${path}`, {
    headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    ...(data === undefined ? {} : { data }),
  })
  expect(answer.ok(), `${method} ${path}`).toBe(true)
  return answer.json()
}

/** Deletes all keymaps of an account: the tests begin with factory keymaps. */
export async function backToFactory(browser: Browser, account: Account): Promise<void> {
  const page = await browser.newPage()
  await signIn(page, account)
  const { keymaps } = (await ask(page, 'get', '/keymaps')) as { keymaps: { id: number }[] }
  for (const { id } of keymaps) await ask(page, 'delete', `/keymaps/${id}`)
  await page.close()
}

/** Waits until a screen is shown: until then what is pressed goes to the one before. */
export async function arriveAt(page: Page, screen: string): Promise<void> {
  await expect(page.getByRole('heading', { level: 1, name: screen, exact: true })).toBeAttached()
}

export async function startListening(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Listen' })).toBeEnabled()
  await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeVisible()
}

/** Turns listening on, presses, and turns it off again where it does not do so by itself. */
export async function listenTo(page: Page, ...chords: string[]): Promise<void> {
  await startListening(page)
  for (const chord of chords) await page.keyboard.press(chord)
  if (await page.getByText('Listening.').isVisible()) await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeHidden()
}

/** The first change to a factory keymap asks for a name; this gives it. */
export async function nameTheCopy(page: Page, name: string): Promise<void> {
  const dialog = page.getByRole('dialog', { name: 'Name your copy' })
  await dialog.getByLabel('Name of the keymap').fill(name)
  await dialog.getByRole('button', { name: 'Make the copy with this change' }).click()
  await expect(dialog).toBeHidden()
}

/** What Remap says was done just now; the command and the chord are gone from its sentence then. */
export async function expectDone(page: Page, text: string | RegExp): Promise<void> {
  await expect(page.getByRole('region', { name: 'Done just now' }).getByRole('listitem').first()).toContainText(text)
}

/** Says yes to everything that is wrong, with one reason. */
export async function acceptAll(page: Page, reason: string): Promise<void> {
  await expect(page.getByLabel('Why it goes out all the same')).toBeVisible()
  for (const one of await page
    .getByRole('group', { name: /wrong$/ })
    .getByRole('checkbox')
    .all())
    await one.check()
  await page.getByLabel('Why it goes out all the same').fill(reason)
}

/** Puts learning's clock ahead; with 0 it is the clock again. */
export function putClockAhead(hours: number): void {
  const file = process.env.CLOCK_AHEAD_FILE
  if (file === undefined) throw new Error('CLOCK_AHEAD_FILE names no file: the server was started without one.')
  writeFileSync(file, String(hours * 3_600))
}

/** A simulated workstation's own folder, as somebody standing at it sees it. */
export class Workstation {
  constructor(private readonly suite: string) {}

  read(file: string): string {
    return readFileSync(`${WORKSTATIONS}/${this.suite}/${file}`, 'utf8')
  }

  has(file: string): boolean {
    return existsSync(`${WORKSTATIONS}/${this.suite}/${file}`)
  }

  /** Whether the agent has written a file of such a name into its own folder. */
  noted(name: RegExp): boolean {
    return readdirSync(`${WORKSTATIONS}/${this.suite}/.agent`).some((file) => name.test(file))
  }

  edit(file: string, from: string, to: string): void {
    const before = this.read(file)
    expect(before).toContain(from)
    writeFileSync(`${WORKSTATIONS}/${this.suite}/${file}`, before.replace(from, to))
  }

  write(file: string, text: string): void {
    writeFileSync(`${WORKSTATIONS}/${this.suite}/${file}`, text)
  }

  remove(file: string): void {
    rmSync(`${WORKSTATIONS}/${this.suite}/${file}`, { force: true })
  }

  /** Where the folder is, for a program that is run there. */
  get folder(): string {
    return resolve(WORKSTATIONS, this.suite)
  }

  switchOn(name: 'OFFLINE' | 'READ-ONLY'): void {
    writeFileSync(`${WORKSTATIONS}/${this.suite}/${name}`, '')
  }

  switchOff(name: 'OFFLINE' | 'READ-ONLY'): void {
    rmSync(`${WORKSTATIONS}/${this.suite}/${name}`, { force: true })
  }
}

/** Does something that writes, and waits for the answer: whoever goes elsewhere right behind a click may be faster than the write. */
export async function written(page: Page, act: () => Promise<unknown>): Promise<void> {
  const answer = page.waitForResponse((response) => response.request().method() !== 'GET' && response.url().includes('/api/'))
  await act()
  await answer
}
