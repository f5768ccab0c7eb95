import { expect, test, type Page } from '@playwright/test'
import { signIn, startListening } from './support/demo'

/**
 * Every key that Chromium's input domain can send and a board here has, named by its W3C code. F9 is the page's own key;
 * modifiers are no chord by themselves.
 */
const CODES = [
  ...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'.split('').map((letter) => `Key${letter}`),
  ...'0123456789'.split('').flatMap((digit) => [`Digit${digit}`, `Numpad${digit}`]),
  ...[1, 2, 3, 4, 5, 6, 7, 8, 10, 11, 12].map((number) => `F${number}`),
  'Escape',
  'Backquote',
  'Minus',
  'Equal',
  'Backspace',
  'Tab',
  'BracketLeft',
  'BracketRight',
  'Backslash',
  'CapsLock',
  'Semicolon',
  'Quote',
  'Enter',
  'Comma',
  'Period',
  'Slash',
  'Space',
  'ArrowLeft',
  'ArrowUp',
  'ArrowRight',
  'ArrowDown',
  'Insert',
  'Delete',
  'Home',
  'End',
  'PageUp',
  'PageDown',
  'NumpadAdd',
  'NumpadSubtract',
  'NumpadMultiply',
  'NumpadDivide',
  'NumpadDecimal',
  'NumpadEnter',
  'NumLock',
  'ScrollLock',
  'Pause',
  'ContextMenu',
  'PrintScreen',
]

/** The chord that stands in the address; it follows when the hand rests. */
const chordIn = (page: Page) => new URL(page.url()).searchParams.get('chord')

test('what was captured is what was pressed, for every key Chromium can send', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find')
  await startListening(page)
  for (const code of CODES) {
    await page.keyboard.press(code)
    await expect.poll(() => chordIn(page), { message: code, intervals: [20] }).toBe(code)
  }
  for (const held of [['Shift'], ['Alt'], ['Control', 'Alt', 'Shift'], ['Meta']]) {
    await page.keyboard.press([...held, 'KeyG'].join('+'))
    await expect(page).toHaveURL((url) => url.searchParams.get('chord') === [...held, 'KeyG'].join('+'))
  }
})

test('listening shows what is held, and typing is typing when it is off', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find')
  await startListening(page)
  await page.keyboard.down('Shift')
  await expect(page.getByText('You hold Shift.')).toBeVisible()
  await page.keyboard.up('Shift')
  await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeHidden()
  await page.getByLabel('What do you want to do?').fill('')
  await page.getByLabel('What do you want to do?').pressSequentially('fade')
  await expect(page.getByLabel('What do you want to do?')).toHaveValue('fade')
  await expect(page.getByRole('link', { name: /Add fade to black/ })).toBeVisible()
})

test('the key that starts listening is captured when it is pressed twice, and another one can be chosen', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find')
  await startListening(page)
  await page.keyboard.press('F9')
  await page.keyboard.press('F9')
  await expect(page).toHaveURL((url) => url.searchParams.get('chord') === 'F9')
  await expect(page.getByRole('region', { name: 'Faderloft' })).toContainText('Marker after')
  await page.waitForTimeout(500)
  await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeHidden()
  await page.getByLabel('Listen with').selectOption('F8')
  await page.keyboard.press('F8')
  await expect(page.getByText('Listening.')).toBeVisible()
  await page.keyboard.press('F9')
  await expect(page).toHaveURL((url) => url.searchParams.get('chord') === 'F9')
})

test('sixty presses in a second are all taken, and what is shown is the last', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find')
  await startListening(page)
  const codes = Array.from({ length: 60 }, (_, at) => `Key${'QWERTASDFGZXCVBYUIOPHJKLNM'[(at * 7) % 26]}`)
  for (const code of codes) await page.keyboard.press(code, { delay: 1 })
  const last = codes.at(-1) ?? ''
  await expect(page.getByTestId('who-chord')).toHaveAttribute('data-press', last)
  await expect(page.locator('button[data-key][data-chosen=true]')).toHaveAttribute('data-key', last)
  await expect.poll(() => chordIn(page)).toBe(last)
})

test('no letter of a text is lost, however quickly it is typed, and whatever is drawn meanwhile', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find')
  const field = page.getByLabel('What do you want to do?')
  await field.fill('')
  const text = 'cut to the next marker and fade the sound out over ten frames'
  await field.pressSequentially(text, { delay: 0 })
  await expect(field).toHaveValue(text)
  // Keys that mean something elsewhere are letters here.
  await field.fill('')
  await field.pressSequentially('f9 z ?/.', { delay: 0 })
  await expect(field).toHaveValue('f9 z ?/.')
})
