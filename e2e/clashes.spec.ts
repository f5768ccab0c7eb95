import { expect, test, type Page } from '@playwright/test'
import { arriveAt, ask, backToFactory, expectDone, listenTo, nameTheCopy, signIn, written } from './support/demo'

interface PlainBinding {
  chord: string
  command: string
  context: string
  gesture?: 'tap' | 'hold'
}

const startKeymap = (page: Page, application: string, name: string, added: PlainBinding[]) =>
  ask(page, 'post', `/applications/${application}/keymaps`, {
    name,
    title: 'A few keys of my own',
    change: { removed: [], added },
    despite_clashes: true,
  })

// The other tests begin with factory keymaps.
test.afterAll(async ({ browser }) => {
  for (const account of ['motion', 'sound', 'assistant'] as const) await backToFactory(browser, account)
})

test('a take-over whose shadow is noticed before, and a swap', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/remap/easeframe?command=rename-layer')
  await listenTo(page, 'Space')
  await expect(page.getByText('Around it: Preview from here in Everywhere.')).toBeVisible()
  const use = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Use Space instead of Enter' }) })
  await expect(
    use.getByText(
      'New warning: While Layers has the focus, Space runs Rename layer and hides Preview from here, which no other chord reaches there.',
    ),
  ).toBeVisible()
  await use.getByRole('button').click()
  await nameTheCopy(page, 'Night titles')
  await expectDone(page, 'Rename layer')

  await page.goto('/remap/easeframe?command=lock-layer&chord=Alt%2BKeyI')
  await expect(page.getByText(/belongs to Switch layer off in Layers\./)).toBeVisible()
  await page.getByRole('button', { name: /^Swap: Switch layer off gets/ }).click()
  await expectDone(page, 'Lock layer')
  await page.goto('/clashes/easeframe')
  await expect(page.getByRole('button', { name: /Shadow, warning.*Space runs Rename layer/ })).toBeVisible()
})

test('what was undone, saved and changed is the same after a reload, and one can go back to the save', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/remap/easeframe?command=lock-layer')
  await expect(page.getByText('commands changed since the save')).toBeVisible()
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(page.getByRole('button', { name: /^Redo: Lock layer: Swap/ })).toBeEnabled()
  await page.reload()
  await expect(page.getByRole('button', { name: /^Redo: Lock layer: Swap/ })).toBeEnabled()
  await page.getByRole('button', { name: 'Save Night titles' }).click()
  await expect(page.getByText(/^Saved at/)).toBeVisible()
  await page.getByRole('button', { name: /^Redo: Lock layer: Swap/ }).click()
  await page.getByRole('link', { name: '2 commands' }).click()
  await arriveAt(page, 'Changes')
  await expect(page.getByRole('row', { name: /Lock layer/ })).toBeVisible()
  await page.getByRole('button', { name: /^Revert everything to the last save/ }).click()
  await expect(page.getByText('Nothing differs from the last save.')).toBeVisible()
  await page.getByLabel('Compare with').selectOption('factory')
  await expect(page.getByRole('row', { name: /Rename layer/ })).toBeVisible()
  await page.getByRole('button', { name: 'revert Rename layer' }).click()
  await expect(page.getByText('Nothing differs from the factory keymap.')).toBeVisible()
})

test('a clash that is meant leaves the list, and returns when one of its chords changes', async ({ page }) => {
  await signIn(page, 'sound')
  await startKeymap(page, 'faderloft', 'Night mix', [{ chord: 'KeyK', command: 'record', context: 'everywhere' }])
  await page.goto('/clashes/faderloft')
  await expect(page.getByText('1 fault, 2 warnings, 0 accepted.')).toBeVisible()
  await page.getByRole('button', { name: /Double, fault.*Halt and Record/ }).click()
  await page.getByLabel('It is meant, because').fill('Until the foot switch is mended')
  await page.getByRole('button', { name: 'Accept it' }).click()
  await expect(page.getByText('0 faults, 2 warnings, 1 accepted.')).toBeVisible()
  await expect(page.getByText('Accepted: Until the foot switch is mended')).toBeVisible()

  // Record moves from K to another key and comes back with a third command: that is another clash.
  await page.goto('/remap/faderloft?command=arm-track&context=everywhere&chord=KeyK')
  await page.getByRole('button', { name: 'Add it and leave it with Halt and Record too' }).click()
  await written(page, () => page.getByRole('button', { name: 'Go on, with the fault' }).click())
  await page.goto('/clashes/faderloft')
  await expect(page.getByText('1 fault, 2 warnings, 0 accepted.')).toBeVisible()
})

test('all faults are settled at once, one line left out, and undone in one step', async ({ page }) => {
  await signIn(page, 'assistant')
  await startKeymap(page, 'faderloft', 'Three faults', [
    { chord: 'KeyK', command: 'record', context: 'everywhere' },
    { chord: 'Digit1', command: 'knife', context: 'tracks' },
    { chord: 'Digit8', command: 'arm-track', context: 'tracks' },
  ])
  await page.goto('/clashes/faderloft')
  await page.getByRole('button', { name: 'Settle all' }).click()
  const settle = page.getByRole('region', { name: 'Settle all' })
  await expect(settle.getByText('No other set of repairs that leaves no fault costs the hands less.')).toBeVisible()
  await settle.getByRole('checkbox').nth(1).uncheck()
  await settle.getByRole('button', { name: 'Make 2 of 3 repairs' }).click()
  await expect(page.getByText(/^Keymap Three faults: 1 fault,/)).toBeVisible()
  await settle.getByRole('button', { name: 'Make this repair' }).click()
  await expect(page.getByText(/^Keymap Three faults: 0 faults,/)).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Go on, with the fault' }).click()
  await expect(page.getByText(/^Keymap Three faults: 1 fault,/)).toBeVisible()
})

test('a dead line in a file where the last line wins is shown, and its chord freed for it', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/applications/easeframe/bring-in')
  await page.setInputFiles('input[type=file]', {
    name: 'easeframe.keys',
    mimeType: 'text/plain',
    buffer: Buffer.from('[canvas]\npen = g\nshape-tool = q\ntext-tool = g\n'),
  })
  await expect(page.getByText('Undone by line 4, which gives the chord in Canvas to Text tool.')).toBeVisible()
  await page.getByRole('button', { name: 'free this chord for line 2' }).click()
  await expect(page.getByText('This line is gone from this copy')).toBeVisible()
  await expect(page.getByText('line 4 text-tool = g')).toBeVisible()
  await expect(page.getByText('Every line was understood, and every line would be obeyed.')).toBeVisible()
  await page.goBack()
  await expect(page.getByText('Undone by line 4')).toBeVisible()
})

test('many chords move to another layer in one step', async ({ page }) => {
  await signIn(page, 'sound')
  await startKeymap(page, 'gradewell', 'Layers', [])
  await page.goto('/remap/gradewell/bulk-edit')
  await page.getByLabel('Of context').selectOption({ label: 'Mastering desk' })
  await page.getByRole('button', { name: /^choose all 8/ }).click()
  await page.getByLabel('Layer', { exact: true }).selectOption({ label: 'Alt' })
  await page.getByRole('button', { name: 'Move 8 chords to Alt' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Move 8 chords to Alt.' })).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Undone: Move 8 chords to Alt.')).toBeVisible()
})

test('a command that only a menu has is bound through the desktop, by its exact title', async ({ page }) => {
  await signIn(page, 'assistant')
  await page.goto('/remap/cutloom?command=relink-media')
  await page.getByRole('link', { name: 'Bind its menu title through the desktop' }).click()
  await listenTo(page, 'Control+Alt+r')
  await nameTheCopy(page, 'My titles')
  await page.goto('/find?chord=Control%2BAlt%2BKeyR')
  await expect(page.getByRole('region', { name: 'Cutloom' }).getByText('Desktop').first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Cutloom' }).getByText('Relink media').first()).toBeVisible()
})

test('keymaps are tagged, switched, deleted and restored', async ({ page }) => {
  await signIn(page, 'assistant')
  await startKeymap(page, 'rotomere', 'Desk', [])
  await startKeymap(page, 'rotomere', 'Road', [])
  await page.goto('/applications/rotomere')
  await page.getByRole('button', { name: 'name and tags of Road' }).click()
  await page.getByLabel('Tags, with commas between').fill('road, laptop')
  await page.getByRole('button', { name: 'Save these' }).click()
  await expect(page.getByText('laptop', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'use Desk' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Desk' }).getByText('in use')).toBeVisible()
  await page.getByRole('button', { name: 'delete Road' }).click()
  await page.getByRole('button', { name: 'Delete it' }).click()
  await page.getByRole('button', { name: 'restore Road' }).click()
  await expect(page.getByRole('button', { name: 'use Road' })).toBeVisible()
})
