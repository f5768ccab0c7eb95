import { expect, test, type Page } from '@playwright/test'
import { arriveAt, ask, backToFactory, nameTheCopy, signIn } from './support/demo'

const ACCOUNTS = ['motion', 'sound', 'assistant'] as const

test.beforeAll(async ({ browser }) => {
  for (const account of ACCOUNTS) await backToFactory(browser, account)
})

// The other tests begin with factory keymaps.
test.afterAll(async ({ browser }) => {
  for (const account of ACCOUNTS) await backToFactory(browser, account)
})

/** The rows of a table, each as the text that one reads. */
const rowOf = (page: Page, name: string) => page.getByRole('row').filter({ has: page.getByRole('rowheader', { name }) })

const nameInUse = async (page: Page, application: string) =>
  ((await ask(page, 'get', `/applications/${application}/keymap`)) as { name: string }).name

test('a broken stripe is mended from the side that is to change', async ({ page }) => {
  await signIn(page, 'motion', { system: 'macos' })
  await page.goto('/across?applications=easeframe,gradewell')
  await page.getByLabel('Group').selectOption('editing')
  const stripe = rowOf(page, 'Split here')
  await expect(stripe).toHaveAttribute('data-state', 'broken')
  await stripe.getByRole('button', { name: /^mend it/ }).click()
  await page.getByRole('button', { name: /R in Easeframe too/ }).click()
  await page.getByRole('button', { name: /^Use R instead/ }).click()
  await nameTheCopy(page, 'Split on R')
  await expect(rowOf(page, 'Split here')).not.toHaveAttribute('data-state', 'broken')
  await expect(rowOf(page, 'Split here').locator('[data-chord="KeyR"]')).toHaveCount(2)
})

test('a whole kit is carried over to an application that one does not know', async ({ page }) => {
  await signIn(page, 'sound', { system: 'macos' })
  await page.goto('/across/carry-over')
  await expect(page.getByText('Sit down at an application that you do not know.')).toBeVisible()
  await page.getByRole('combobox', { name: /^Make/ }).selectOption('Rotomere')
  await expect(page.getByText(/\d+ of them come to Rotomere, on top of its keymap Factory/)).toBeVisible()

  await page.getByRole('button', { name: /^nothing to carry to \d+/ }).click()
  await expect(page.getByText('Rotomere has nothing for').first()).toBeVisible()
  await page.getByRole('button', { name: /^all \d+/ }).click()
  const take = page.getByRole('checkbox', { name: 'Take Undo of Cutloom', exact: true })
  await expect(take).toBeChecked()
  await page.getByText('What that settles, raises and makes the hands relearn').click()
  await expect(page.getByText('Relearn:').first()).toBeVisible()
  await page.getByLabel('Save as a keymap of Rotomere called').fill('As I know it')
  await page.getByRole('button', { name: 'Save and use it' }).click()
  await arriveAt(page, 'Remap')
  expect(await nameInUse(page, 'rotomere')).toBe('As I know it')
})

test('a line that is not taken leaves the command with its chord', async ({ page }) => {
  await signIn(page, 'sound', { system: 'macos' })
  await page.goto('/across/carry-over?to=faderloft&from=cutloom')
  const take = page.getByRole('checkbox', { name: 'Take Split at playhead of Cutloom' })
  await expect(take).toBeChecked()
  await take.click()
  await expect(take).not.toBeChecked()
  await page.getByLabel('Save as a keymap of Faderloft called').fill('Nearly Cutloom')
  await page.getByRole('button', { name: 'Save and use it' }).click()
  await arriveAt(page, 'Remap')
  const { bindings } = (await ask(page, 'get', '/applications/faderloft/keymap')) as {
    bindings: { chord: { id: string }; command: { id: string } }[]
  }
  expect(bindings.filter(({ command }) => command.id === 'divide-at-cursor').map(({ chord }) => chord.id)).toEqual(['Digit1'])
})

test('a kit is harmonised: two lines refused, searched again, applied, and undone in one step', async ({ page }) => {
  await signIn(page, 'assistant', { system: 'macos' })
  await page.goto('/across/harmonise')
  await expect(page.getByText('One intent, one chord.')).toBeVisible()
  for (const name of ['Easeframe', 'Gradewell', 'Rotomere', 'Boardwick']) await page.getByRole('checkbox', { name, exact: true }).click()
  await page.getByLabel('Search for at most').selectOption('2 seconds')
  await page.getByRole('button', { name: 'Search', exact: true }).click()
  const found = page.getByRole('region', { name: 'What was found' })
  await expect(found.getByText(/Agreement/)).toBeVisible({ timeout: 60_000 })
  await expect(found.getByText(/at most\.|It is proved/)).toBeVisible()
  await expect(found.getByText(/would cost [\d.]+ more/).first()).toBeVisible()

  const refused: [string, string][] = []
  for (const index of [0, 1]) {
    const row = found.getByRole('row').nth(index + 1)
    refused.push([await row.getByRole('rowheader').innerText(), await row.locator('td').nth(1).innerText()])
    await row.getByLabel(/^What you say to/).selectOption('not this chord')
  }
  await expect(page.getByText('Search again first')).toBeVisible()
  const before = page.url()
  await page.getByRole('button', { name: 'Search again around what you said (2)' }).click()
  await expect(page).not.toHaveURL(before)
  await expect(found.getByText(/Agreement/)).toBeVisible({ timeout: 60_000 })
  await expect(page.getByText('You said: 2 refused.')).toBeVisible()
  for (const [command, chord] of refused) {
    const row = found.getByRole('row').filter({ hasText: command })
    if ((await row.count()) > 0) expect(await row.first().locator('td').nth(1).innerText()).not.toBe(chord)
  }

  await page.getByRole('button', { name: 'Apply to all keymaps …' }).click()
  await expect(page.getByText(/^This writes \d+ chords to \d+ keymaps/)).toBeVisible()
  await page.getByLabel('Copies of factory keymaps are called').fill('Alike')
  await page.getByRole('button', { name: 'Write them' }).click()
  await expect(page.getByText('All keymaps of the kit have these chords now.')).toBeVisible()
  expect([await nameInUse(page, 'cutloom'), await nameInUse(page, 'faderloft')]).toEqual(['Alike', 'Alike'])
  await page.reload()
  await page.getByRole('button', { name: 'Undo it in all of them' }).click()
  await expect(page.getByText('All keymaps are as they were.')).toBeVisible()
  expect([await nameInUse(page, 'cutloom'), await nameInUse(page, 'faderloft')]).toEqual(['Factory', 'Factory'])
})

test('a search can be ended early, and keeps what it has', async ({ page }) => {
  await signIn(page, 'assistant', { system: 'macos' })
  await page.goto('/across/harmonise')
  await page.getByLabel('Search for at most').selectOption('20 seconds')
  await page.getByRole('button', { name: 'Search', exact: true }).click()
  await expect(page.getByText(/Best so far/)).toBeVisible({ timeout: 60_000 })
  await page.getByRole('button', { name: 'Enough, take the best so far' }).click()
  await expect(page.getByRole('region', { name: 'What was found' })).toBeVisible({ timeout: 15_000 })
})

test("a command gets an intent of one's own, and loses it again", async ({ page }) => {
  await signIn(page, 'assistant')
  await page.goto('/across/intents?application=cutloom')
  await page.getByLabel('Intent', { exact: true }).fill('Send to the sound editor')
  await page.getByLabel('Other words, with commas').fill('hand over, turn over')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByText('hand over, turn over')).toBeVisible()
  await page.getByRole('button', { name: 'Choose an intent for Send sequence to sound' }).click()
  const row = rowOf(page, 'Send sequence to sound')
  await row.getByLabel('Intent', { exact: true }).selectOption('Send to the sound editor')
  await row.getByLabel('only near it').check()
  await expect(row.getByRole('button', { name: 'Say so' })).toBeDisabled()
  await row.getByLabel('How it differs').fill('Sends the sequence alone.')
  await row.getByRole('button', { name: 'Say so' }).click()
  await page.getByRole('button', { name: 'said by me' }).click()
  await expect(page.getByText('near: Sends the sequence alone.')).toBeVisible()
  await page.getByRole('button', { name: 'withdraw it' }).click()
  await expect(page.getByText('You have not said anything yet.')).toBeVisible()
  await page.getByRole('button', { name: 'remove Send to the sound editor' }).click()
  await expect(page.getByText('hand over, turn over')).toBeHidden()
})

test('a usage log is read, and what is done by mouse though there is a chord is listed', async ({ page }) => {
  await signIn(page, 'assistant')
  await page.goto('/across/usage')
  await expect(page).toHaveURL(/\/learn\/usage$/)
  await expect(page.getByText(/There is no usage log yet\./)).toBeVisible()
  const log = page.getByLabel(/Read a log/)
  await log.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('when,what\n') })
  await expect(page.getByRole('alert')).toContainText('This is no usage log')
  await log.setInputFiles({
    name: 'week.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('day,application,command,key,mouse\n2026-03-02,cutloom,lift,2,40\n2026-03-02,cutloom,undo,90,0\n'),
  })
  const uses = page.getByRole('table').filter({ hasText: 'By mouse' }).getByRole('row')
  await expect(uses.nth(1)).toContainText('Undo')
  await page.getByRole('button', { name: 'done by mouse though there is a chord' }).click()
  await expect(uses).toHaveCount(2)
  await expect(uses.nth(1)).toContainText('Lift')
  await page.getByRole('button', { name: 'Forget it week.csv' }).click()
  await expect(page.getByText(/There is no usage log yet\./)).toBeVisible()
})

test('a suite tells which chords would surprise', async ({ page, browser }) => {
  await signIn(page, 'assistant', { system: 'macos' })
  await ask(page, 'post', '/applications/cutloom/keymaps', {
    name: 'Split on Y',
    title: 'Split on Y',
    change: { removed: [], added: [{ chord: 'KeyY', command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }] },
  })
  await page.goto('/across/familiarity?suite=bittern')
  await expect(page.getByText(/of what your hands know does the same in Bittern/)).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Split at playhead' }).first()).toBeVisible()
  await backToFactory(browser, 'assistant')
})
