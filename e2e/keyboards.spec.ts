import { expect, test, type Page } from '@playwright/test'
import { expectDone, listenTo, signIn, startListening, type Keyboard, written } from './support/demo'

const GERMAN: Keyboard = { system: 'windows', board: 'full-iso', layout: 'german' }
const FRENCH: Keyboard = { system: 'macos', board: 'laptop-iso', layout: 'french' }
const SWEDISH: Keyboard = { system: 'linux', board: 'full-iso', layout: 'swedish' }

const winners = (page: Page, application: string) => page.getByRole('region', { name: application }).locator('[data-verdict=wins]')

/** The key's cap on the board. */
const cap = (page: Page, code: string) => page.locator(`button[data-key="${code}"]`)

for (const [keyboard, code, legend, cutloom, faderloft] of [
  [GERMAN, 'KeyZ', 'Y', 'Arrow tool', null],
  [FRENCH, 'KeyQ', 'A', 'Snap on or off', null],
  [FRENCH, 'Digit1', '&', 'Focus viewer', 'Divide at cursor'],
  [SWEDISH, 'BracketLeft', 'Å', null, null],
] as const) {
  test(`${code} on a ${keyboard.layout} ${keyboard.board} is called ${legend} and answers as the key it is`, async ({ page }) => {
    await signIn(page, 'motion', keyboard)
    await listenTo(page, code)
    await expect(page.getByTestId('who-chord')).toContainText(legend)
    await expect(cap(page, code)).toContainText(legend)
    await expect(cap(page, code)).toHaveAttribute('data-chosen', 'true')
    for (const [application, command] of [
      ['Cutloom', cutloom],
      ['Faderloft', faderloft],
    ] as const) {
      if (command === null) await expect(winners(page, application)).toHaveCount(0)
      else await expect(winners(page, application).filter({ hasText: command }).first()).toBeVisible()
    }
  })
}

test('what a keyboard cannot do as written is said in a sentence', async ({ page }) => {
  await signIn(page, 'motion', GERMAN)
  await listenTo(page, 'Control+Alt+KeyE')
  await expect(page.getByTestId('reach')).toContainText('On Windows AltGr is Ctrl and Alt together, so Ctrl+Alt+E types €')
  await page.getByLabel('What do you want to do?').fill("'/'")
  await page.getByRole('button', { name: 'who gets “/”?' }).click()
  await expect(page.getByTestId('reach')).toContainText('typed with Ctrl+Shift+7'.replace('Ctrl+', ''))
  await page.getByLabel('What do you want to do?').fill('ctrl+wobble')
  await expect(page.getByRole('alert')).toContainText('"wobble" in the chord "ctrl+wobble" is not a key.')
})

test('held modifiers show their layer at once, real ones and clicked ones', async ({ page }) => {
  await signIn(page, 'motion')
  const sheet = page.getByRole('list', { name: 'All layers' })
  await expect(cap(page, 'KeyS')).toContainText('taken in other contexts')
  await startListening(page)
  await page.keyboard.down('Control')
  await expect(cap(page, 'KeyS')).toContainText('Save project')
  await expect(sheet.getByRole('button', { name: /^Ctrl: / })).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.up('Control')
  await expect(cap(page, 'KeyS')).toContainText('taken in other contexts')
  await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeHidden()
  await cap(page, 'ShiftLeft').click()
  await expect(cap(page, 'Space')).toContainText('Play marked range')
  await expect(cap(page, 'ShiftRight')).toHaveAttribute('aria-pressed', 'true')
  await expect(page).toHaveURL(/layer=Shift/)
  await sheet.getByRole('button', { name: /^Alt: / }).click()
  await expect(page).toHaveURL(/layer=Alt/)
  await expect(page.getByRole('region', { name: 'This layer in full' })).toContainText('Clear in mark')
})

test('the context changes board, sheet and ladders, and a colleague can be sent the view', async ({ page }) => {
  await signIn(page, 'motion')
  await listenTo(page, 'KeyJ')
  await page.getByLabel('Context').selectOption({ label: '\u2003Trim' })
  await expect(page).toHaveURL(/context=trim/)
  await expect(cap(page, 'ArrowLeft')).toContainText('Trim one frame left')
  await expect(page.locator('figure[data-current=true]')).toContainText('Trim')
  const free = page.getByRole('list', { name: 'All layers' }).getByRole('button').first()
  const inTrim = await free.textContent()
  await page.goto(page.url())
  await expect(page.getByLabel('Context')).toHaveValue('trim')
  await expect(cap(page, 'ArrowLeft')).toContainText('Trim one frame left')
  await expect(free).toHaveText(inTrim ?? '')
  await expect(page.getByTestId('key-layers').getByText('Play backwards')).toBeVisible()
  await page.getByLabel('Context').selectOption('all')
  await expect(cap(page, 'KeyC')).toContainText('Split at playhead, Circle take')
})

test('the board is used with arrows and read aloud key by key', async ({ page }) => {
  await signIn(page, 'motion', SWEDISH)
  await cap(page, 'KeyS').focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('button', { name: 'D: taken in other contexts' })).toBeFocused()
  await expect(page.getByTestId('readout')).toHaveAttribute('aria-live', 'polite')
  await expect(page.getByTestId('readout')).toContainText('D does nothing here. Elsewhere: Match frame (Viewer), Lift (Timeline).')
  for (let step = 0; step < 9; step++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('button', { name: 'apostrophe: free' })).toBeFocused()
  await page.keyboard.press('ArrowRight')
  await expect(cap(page, 'Enter')).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Hold Shift' }).first()).toHaveAttribute('aria-pressed', 'true')
})

test('another keyboard is chosen, and remembered with the suite', async ({ page }) => {
  await signIn(page, 'keeper')
  await page.getByRole('button', { name: /^Keyboard/ }).click()
  const dialog = page.getByRole('dialog', { name: 'The keyboard in front of you' })
  await dialog.getByLabel('Suite').selectOption({ label: 'Curlew' })
  await expect(dialog.getByLabel('Layout')).toHaveValue('british')
  await dialog.getByLabel('Layout').selectOption({ label: 'Irish' })
  await expect(dialog.getByLabel(/^Remember it for Curlew/)).toBeChecked()
  await dialog.getByRole('button', { name: 'Use this keyboard' }).click()
  await expect(page.getByRole('button', { name: /^Keyboard Curlew\s*Irish, macOS/ })).toBeVisible()
  await page.goto('/suites')
  await expect(page.getByRole('listitem').filter({ has: page.getByRole('link', { name: 'Curlew' }) })).toContainText('Irish, macOS')
  await page.reload()
  await expect(page.getByRole('button', { name: /^Keyboard Curlew/ })).toBeVisible()
})

test('the layout that the browser tells of is proposed', async ({ page }) => {
  await page.addInitScript(() => {
    const french = new Map([
      ['KeyQ', 'a'],
      ['KeyA', 'q'],
      ['KeyW', 'z'],
      ['KeyZ', 'w'],
      ['Semicolon', 'm'],
      ['Digit1', '&'],
      ['Minus', ')'],
    ])
    Object.defineProperty(navigator, 'keyboard', { value: { getLayoutMap: () => Promise.resolve(french) } })
  })
  await signIn(page, 'motion')
  await page.getByRole('button', { name: /^Keyboard/ }).click()
  await page.getByRole('button', { name: 'Take French' }).click()
  await expect(page.getByLabel('Layout')).toHaveValue('french')
})

test('a search is narrowed, grouped by what is wanted, and kept in the address', async ({ page }) => {
  await signIn(page, 'motion')
  await page.getByLabel('What do you want to do?').fill('fade')
  const row = page.getByRole('row', { name: /^Fade out/ })
  await expect(row.getByRole('link', { name: /Add fade to black.* in Cutloom/ })).toBeVisible()
  await expect(row.getByRole('link', { name: /Fade out from cursor.* in Faderloft/ })).toBeVisible()
  await page.getByLabel('Application').selectOption('faderloft')
  await expect(page.getByRole('link', { name: /in Cutloom/ })).toHaveCount(0)
  await page.getByLabel('Kind').selectOption('unbound')
  await expect(page).toHaveURL(/words=fade.*application=faderloft.*only=unbound|application=faderloft/)
  await page.goto(page.url())
  await expect(page.getByLabel('Kind')).toHaveValue('unbound')
  await expect(page.getByText('no chord').first()).toBeVisible()
  await page.getByRole('button', { name: 'all again' }).click()
  await expect(page.getByRole('link', { name: /in Cutloom/ }).first()).toBeVisible()
})

test('a kit is checked for the road, and its variant follows the desk', async ({ page }) => {
  await signIn(page, 'assistant', { system: 'macos' })
  await page.goto('/remap/faderloft?command=mute-clip&chord=F6')
  await page.getByRole('button', { name: /^Add F6 beside \S+$/ }).click()
  await page.getByLabel('Name of the keymap').fill('Desk')
  await written(page, () => page.getByRole('button', { name: 'Make the copy with this change' }).click())
  await page.goto('/suites/road-case')
  await page.getByRole('link', { name: 'would my keys work here?' }).click()
  const faderloft = page.getByRole('region', { name: 'Faderloft' })
  await expect(faderloft.getByRole('row', { name: /^Record/ })).toContainText('has no key Pad 0')
  await faderloft
    .getByRole('row', { name: /^Drop marker/ })
    .getByRole('checkbox')
    .uncheck()
  await faderloft.getByLabel('Make a road variant called').fill('Road')
  await faderloft.getByRole('button', { name: 'Make it with 1 other chord' }).click()
  await expect(faderloft).toContainText('Road is made. Desk is still in use here')
  await expect(faderloft).toContainText('keymap Desk')
  // The desk changes; the road follows.
  await page.goto('/applications/faderloft')
  await expect(page.getByText('follows Desk')).toBeVisible()
  await page.goto('/remap/faderloft?command=mute-clip&chord=F7')
  await page.getByRole('button', { name: /^Add F7 beside \S+$/ }).click()
  await expectDone(page, 'Mute clip')
  await page.goto('/applications/faderloft')
  await page.getByRole('button', { name: 'use Road' }).click()
  await expect(page.getByText('use Desk')).toBeVisible()
  await page.goto('/remap/faderloft?command=mute-clip&chord=F7')
  await expect(page.getByText(/F7 runs Mute clip in Tracks already\./)).toBeVisible()
})

test('free chords are asked to work in other suites too', async ({ page }) => {
  await signIn(page, 'motion', { system: 'macos' })
  await page.goto('/remap/cutloom?command=lift')
  await page.getByRole('checkbox', { name: 'Bittern' }).check()
  await page.getByRole('checkbox', { name: 'Road case' }).check()
  await expect(page.getByRole('button', { name: /works in Bittern, Road case/ }).first()).toBeVisible()
  await expect(page).toHaveURL(/suites=bittern%2Croad-case/)
})

test('Fn is held by a click and shows the keys that a laptop lacks', async ({ page }) => {
  await signIn(page, 'motion', { system: 'macos', board: 'laptop-iso', layout: 'french' })
  const before = await cap(page, 'ArrowLeft').textContent()
  await cap(page, 'Fn').click()
  await expect(cap(page, 'Fn')).toHaveAttribute('aria-pressed', 'true')
  await expect(cap(page, 'ArrowLeft')).toContainText('Home')
  await cap(page, 'ArrowLeft').click()
  await expect(page).toHaveURL(/chord=Home/)
  await expect(page.getByText(/is Fn with/)).toBeVisible()
  await cap(page, 'Fn').click()
  await expect(cap(page, 'ArrowLeft')).toHaveText(before ?? '')
})

test('a chord that the browser would take is clicked on the board, and said to be so', async ({ page }) => {
  await signIn(page, 'motion')
  await cap(page, 'ControlLeft').click()
  await cap(page, 'KeyW').click()
  await expect(page).toHaveURL(/chord=Control%2BKeyW/)
  await expect(page.getByText('Pressed in this page, it opens or closes a page or a window: the browser takes it.')).toBeVisible()
  await cap(page, 'KeyE').click()
  await expect(page.getByText('the browser takes it')).toBeHidden()
})

test('without any application the page says where they come from', async ({ page }) => {
  await page.route('**/api/table?*', async (route) => {
    const answer = await route.fetch()
    await route.fulfill({ response: answer, json: { ...((await answer.json()) as object), applications: [] } })
  })
  await signIn(page, 'motion')
  await expect(page.getByText('This house has no application yet.')).toBeVisible()
})
