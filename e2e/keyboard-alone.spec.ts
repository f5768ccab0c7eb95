import { expect, test, type Page } from '@playwright/test'
import { expectDone, signIn } from './support/demo'

/** Presses Tab until the focus is on something with this name. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 60; presses++) {
    await page.keyboard.press('Tab')
    const focused = await page.evaluate(() => {
      const { activeElement: element } = document
      if (!(element instanceof HTMLElement)) return ''
      const label = element instanceof HTMLInputElement || element instanceof HTMLSelectElement ? element.labels?.[0]?.textContent : null
      return element.getAttribute('aria-label') ?? label ?? element.textContent
    })
    if (name.test(focused.trim())) return
  }
  throw new Error(`Tab never reached ${name}`)
}

test('a command is remapped with the keyboard alone', async ({ page }) => {
  await signIn(page, 'sound')
  await tabTo(page, /^Remap$/)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('searchbox', { name: 'Find the command' })).toBeFocused()
  await page.keyboard.type('switch off clip')
  await expect(page.getByRole('region', { name: 'Find the command' }).getByRole('button').first()).toContainText('Enable or disable clip')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Its chords now:')).toBeVisible()
  await expect(page.getByText('Listening.')).toBeVisible()
  await page.keyboard.press('Alt+g')
  await expect(page.getByText('Listening.')).toBeHidden()

  await expect(page.getByLabel('Name of the keymap')).toBeFocused()
  await page.keyboard.type('By hand')
  await page.keyboard.press('Enter')
  await expectDone(page, 'Enable or disable clip')
  await expect(page.getByText('Keymap By hand')).toBeVisible()
  await expect(page.getByRole('searchbox', { name: 'Find the command' })).toBeFocused()
  await page.keyboard.press('Control+z')
  await expect(page.getByText(/^Undone: Enable or disable clip/)).toBeVisible()
  await expect(page.getByRole('searchbox', { name: 'Find the command' })).toBeFocused()
})

test('arrows move over the board, the readout tells the whole name, and Enter chooses', async ({ page }) => {
  await signIn(page, 'sound')
  await page.goto('/remap/cutloom?command=lift')
  await expect(page.getByRole('region', { name: 'Board' })).toBeVisible()
  await tabTo(page, /^S: /)
  await page.keyboard.press('ArrowRight')
  await expect(page.getByTestId('readout')).toContainText('D runs Lift (Timeline).')
  await page.keyboard.press('ArrowUp')
  await expect(page.getByRole('button', { name: /^E: / })).toBeFocused()
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await page.keyboard.press('ArrowUp')
  // A key that is taken: a free one would be given at once to whoever has a keymap of their own.
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/belongs to Join through cut/)).toBeVisible()
})

test('the first Tab leads past the screens to the content', async ({ page }) => {
  await signIn(page, 'sound')
  await page.goto('/across')
  await expect(page.getByRole('heading', { name: 'Across' })).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused()
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Stripes' })).toBeFocused()
})
