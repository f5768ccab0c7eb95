import { expect, test } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { arriveAt, expectDone, listenTo, signIn, Workstation } from './support/demo'

const FILE = `<?xml version="1.0" encoding="UTF-8"?>
<!-- carried from the old suite -->
<cutloom-keys edition="3" title="From home" colour="teal">
  <focus on="everywhere">
    <press keys="J" run="play-backwards"/>
    <press keys="K" run="stop"/>
    <press keys="L" run="play-forwards"/>
    <press keys="Wobble Q" run="undo"/>
  </focus>
  <focus on="timeline">
    <press keys="C" run="split-at-playhead"/>
    <press keys="X" run="lift"/>
    <press keys="D" run="add-cross-dissolve"/>
    <press keys="D" run="enable-or-disable-clip"/>
  </focus>
  <focus on="trim">
    <press keys="J" run="trim-one-frame-left"/>
  </focus>
</cutloom-keys>
`

test('a key file is brought in, mended, remapped, saved, taken to a suite, rehearsed, and a change made there is imported', async ({
  page,
}) => {
  const dunlin = new Workstation('dunlin')
  await signIn(page, 'picture')

  await test.step('bring in a key file that the application itself would refuse', async () => {
    await page.getByRole('link', { name: 'Applications' }).click()
    await expect(page.getByText('Cutloom, for picture editing: 111 commands.')).toBeVisible()
    await page.getByRole('link', { name: 'Bring in a key file' }).click()
    await page.getByLabel('Key file of Cutloom').setInputFiles({ name: 'home.xml', mimeType: 'text/xml', buffer: Buffer.from(FILE) })
    await expect(page.getByRole('heading', { name: 'home.xml' })).toBeVisible()
    await expect(page.getByText('Cutloom itself would refuse this file.')).toBeVisible()
    const findings = page.getByRole('region', { name: 'Findings' })
    await expect(findings.getByRole('row', { name: /^8 not understood/ })).toContainText('Wobble')
    await expect(findings.getByRole('row', { name: /^14 refused/ })).toContainText('line 13')
    await page.getByLabel('Open it as a keymap called').fill('From home')
    await page.getByRole('button', { name: 'Open and use it' }).click()
  })

  await test.step('settle the double by a remedy whose consequences were shown, and see the shadow', async () => {
    await expect(page).toHaveURL(/\/clashes\/cutloom/)
    await expect(page.getByRole('button', { name: /Shadow, warning.*While Trim has the focus, J runs/ })).toBeVisible()
    await page.getByRole('button', { name: /Double, fault/ }).click()
    const remedy = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'Keep Add cross dissolve (Timeline) only' }) })
    await expect(remedy).toContainText('Settles this clash.')
    await expect(remedy).toContainText('Loses its chord: Enable or disable clip')
    await remedy.getByRole('button').click()
    await expect(page.getByRole('button', { name: /Double, fault/ })).toHaveCount(0)
  })

  await test.step('press a chord and see who gets it where', async () => {
    await page.getByRole('link', { name: 'Find' }).click()
    await arriveAt(page, 'Find')
    await listenTo(page, 'j')
    const cutloom = page.getByRole('region', { name: 'Cutloom' })
    await expect(cutloom.getByRole('figure', { name: 'Focus in Trim' })).toContainText('Hidden: Trim is asked before')
    await expect(cutloom.getByRole('figure', { name: 'Focus in Trim' }).locator('[data-verdict=wins]')).toContainText('Trim one frame left')
    await expect(cutloom.getByRole('figure', { name: 'Focus in Bin' }).locator('[data-verdict=wins]')).toContainText('Play backwards')
    await expect(page.getByRole('region', { name: 'Faderloft' }).locator('[data-verdict=wins]').first()).toContainText('Play in reverse')
  })

  await test.step('find a command by a synonym, press the new chord, take it over from who holds it, undo, take a free one', async () => {
    await page.getByLabel('What do you want to do?').fill('razor')
    await page.getByRole('link', { name: /Split at playhead.* in Cutloom/ }).click()
    await arriveAt(page, 'Remap')
    await listenTo(page, 'd')
    await expect(page.getByText('D belongs to Add cross dissolve in Timeline.')).toBeVisible()
    await page.getByRole('button', { name: 'Take D over from Add cross dissolve', exact: true }).click()
    await expect(page.getByRole('status').filter({ hasText: 'Split at playhead: Take D over' })).toBeVisible()
    const done = page.getByRole('region', { name: 'Done just now' })
    await done.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('Undone: Split at playhead: Take D over')).toBeVisible()
    await page.keyboard.type('razor')
    await page.keyboard.press('Enter')
    await expect(page.getByText('Listening.')).toBeVisible()
    await page.keyboard.press('v')
    await expectDone(page, 'Split at playhead')
    await done.getByRole('button', { name: 'Use V instead of C' }).click()
    await expect(page.getByRole('status').filter({ hasText: 'Use V instead of C' })).toBeVisible()
  })

  await test.step('enter a chord by clicking the board with sticky modifiers', async () => {
    await page.goto('/remap/cutloom?command=enable-or-disable-clip')
    const board = page.getByRole('region', { name: 'Board' })
    await board.getByRole('button', { name: 'Hold Ctrl' }).first().click()
    await board.getByRole('button', { name: /^Ctrl E: free/ }).click()
    await expectDone(page, 'Enable or disable clip')
  })

  await test.step('see a broken stripe, and use one chord in the other application too', async () => {
    await page.getByRole('link', { name: 'Across' }).click()
    for (const name of ['Easeframe', 'Gradewell', 'Rotomere', 'Boardwick']) {
      const column = page.getByRole('group', { name: 'Compare' }).getByLabel(name)
      await column.click()
      await expect(column).not.toBeChecked()
    }
    await page.getByLabel('Group').selectOption('editing')
    const row = page.getByRole('row', { name: /^Remove and leave the gap/ })
    await expect(row).toContainText('broken')
    await row.getByRole('button', { name: /^mend it/ }).click()
    await page.getByRole('button', { name: /Delete .*in Cutloom too/ }).click()
    await page.getByRole('button', { name: 'Use Delete instead of X' }).click()
    await expect(page.getByRole('row', { name: /^Remove and leave the gap/ })).not.toContainText('broken')
  })

  await test.step('save a numbered release', async () => {
    await page.getByRole('link', { name: 'Presets' }).click()
    await page.getByLabel('Name of the preset').fill('Home keys')
    await page.getByLabel('What is this release for?').fill('Split on V')
    await page.getByRole('button', { name: 'Make the release' }).click()
    await expect(page.getByText('Made Home keys, release 1.')).toBeVisible()
    await expect(page.getByRole('region', { name: 'Home keys' })).toContainText('Split on V')
  })

  await test.step('sit down in a suite, whose own file holds all that was not understood', async () => {
    await page.getByRole('button', { name: 'Sit down …' }).click()
    const dialog = page.getByRole('dialog', { name: 'Sit down with my keys' })
    await dialog.getByLabel('Suite').selectOption({ label: 'Dunlin' })
    await expect(dialog.getByText('From home, all of it works')).toBeVisible()
    await dialog.getByRole('button', { name: 'Sit down here' }).click()
    await expect(page.getByText('You sit in Dunlin until you leave.')).toBeVisible()
    const changed = FILE.replace('keys="C" run="split-at-playhead"', 'keys="V" run="split-at-playhead"')
      .replace('keys="X" run="lift"', 'keys="Delete" run="lift"')
      .replace('    <press keys="D" run="enable-or-disable-clip"/>\n', '    <press keys="Primary E" run="enable-or-disable-clip"/>\n')
    await expect.poll(() => (dunlin.has('cutloom-keys.xml') ? dunlin.read('cutloom-keys.xml') : '')).toBe(changed)
  })

  await test.step('rehearse the new chord in the suite', async () => {
    await page.goto('/rehearse?suite=dunlin&application=cutloom&focus=timeline')
    await listenTo(page, 'v', 'c')
    const presses = page.getByRole('list', { name: /What was pressed/ }).getByRole('listitem')
    await expect(presses.nth(1)).toContainText('is two clips now, cut at frame 120.')
    await expect(presses.nth(0)).toContainText('No line of the installed file has this chord')
  })

  await test.step('change the file by hand in the suite, see it, and import it', async () => {
    dunlin.edit('cutloom-keys.xml', 'keys="K" run="stop"', 'keys="Shift K" run="stop"')
    await page.goto('/suites/dunlin')
    const files = page.getByRole('region', { name: 'Key files' })
    await expect(files.getByText('changed by hand')).toBeVisible()
    await files.getByRole('button', { name: /^take it into my keys/ }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Dunlin')
    await page.getByLabel('Open it as a keymap called').fill('From Dunlin')
    await page.getByRole('button', { name: 'Open and use it' }).click()
    await expect(page.getByText('Keymap From Dunlin')).toBeVisible()
    await page.goto('/find?chord=Shift%2BKeyK')
    await expect(page.getByRole('region', { name: 'Cutloom' }).locator('[data-verdict=wins]').first()).toContainText('Stop')
  })

  await test.step('leave, and the suite is as it was: no file at all', async () => {
    await page.getByRole('button', { name: 'Leave Dunlin' }).click()
    await expect(page.getByRole('button', { name: 'Sit down …' })).toBeVisible()
    await expect.poll(() => dunlin.has('cutloom-keys.xml')).toBe(false)
    await page.goto('/suites/dunlin')
    await expect(page.getByRole('region', { name: 'What happened here' })).toContainText('picture editor has gone: left')
  })
})

test('a file dropped anywhere on the page is read', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/applications/faderloft/bring-in')
  const text = readFileSync('catalogues/faderloft/factory.tsv', 'utf8')
  const transfer = await page.evaluateHandle((content) => {
    const dropped = new DataTransfer()
    dropped.items.add(new File([content], 'dropped.tsv', { type: 'text/tab-separated-values' }))
    return dropped
  }, text)
  await page.getByRole('heading', { level: 1 }).dispatchEvent('drop', { dataTransfer: transfer })
  await expect(page.getByRole('heading', { name: 'dropped.tsv' })).toBeVisible()
  await expect(page.getByText('Every line was understood, and every line would be obeyed.')).toBeVisible()
  await expect(page.getByText('The file says what the factory keymap says.')).toBeVisible()
})
