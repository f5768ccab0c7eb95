import { expect, test, type Page } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { expectDone, acceptAll, nameTheCopy, signIn, Workstation } from './support/demo'

async function bringIn(page: Page, application: string, name: string, bytes: Buffer): Promise<void> {
  await page.goto(`/applications/${application}/bring-in`)
  await page.getByLabel(/^Key file of/).setInputFiles({ name, mimeType: 'application/octet-stream', buffer: bytes })
}

const BAD: [name: string, application: string, bytes: Buffer, says: RegExp][] = [
  ['not-xml.txt', 'cutloom', Buffer.from('J play\nK stop\n'), /line 1/],
  ['cut-off.xml', 'cutloom', Buffer.from('<cutloom-keys edition="3">\n  <focus on="timeline">\n    <press keys="C" run='), /line 3/],
  [
    'bomb.xml',
    'cutloom',
    Buffer.from('<!DOCTYPE a [<!ENTITY b "bbbb"><!ENTITY c "&b;&b;">]>\n<cutloom-keys>&c;</cutloom-keys>'),
    /document type/,
  ],
  ['utf16.tsv', 'faderloft', Buffer.from('\uFEFFarea\thold\tkey\taction\n', 'utf16le'), /UTF-16/],
  ['table.csv', 'faderloft', Buffer.from('area,hold,key,action\n'), /header/],
  ['empty.xml', 'cutloom', Buffer.from(''), /empty/],
]

for (const [name, application, bytes, says] of BAD) {
  test(`${name} is refused with the reason, and nothing is taken in`, async ({ page }) => {
    await signIn(page, 'motion')
    await bringIn(page, application, name, bytes)
    await expect(page.getByRole('heading', { name: `${name} was not taken in` })).toBeVisible()
    await expect(page.getByRole('alert')).toContainText(says)
    await page.getByRole('link', { name: /^Back to/ }).click()
    await expect(page.getByText('protected')).toBeVisible()
  })
}

test('a 50 MB file is refused before it is sent', async ({ page }) => {
  const path = 'var/web-tests/fifty.xml'
  writeFileSync(path, Buffer.alloc(50_000_000, '<x/>'))
  await signIn(page, 'motion')
  await page.goto('/applications/cutloom/bring-in')
  await page.getByLabel('Key file of Cutloom').setInputFiles(path)
  await expect(page.getByRole('alert')).toContainText('The file has 50.0 MB; key files of up to 8 MB are read.')
})

test('two windows on one keymap: the later save is refused and offered on top', async ({ page, context }) => {
  await signIn(page, 'keeper')
  await page.goto('/remap/faderloft?command=divide-at-cursor&chord=F6')
  await page.getByRole('button', { name: /^Add F6 beside \S+$/ }).click()
  await nameTheCopy(page, 'Two windows')
  // The first window decides on what it has loaded; the second changes the keymap in between.
  const other = await context.newPage()
  await page.goto('/remap/faderloft?command=divide-at-cursor&chord=F7')
  await page.getByRole('button', { name: /^Add F7 beside \S+$/ }).waitFor()
  let isFirst = true
  await page.route('**/api/keymaps/*/changes*', async (route) => {
    if (isFirst) {
      isFirst = false
      await other.goto('/remap/faderloft?command=mute-clip&chord=F8')
      await other.getByRole('button', { name: /^Add F8 beside \S+$/ }).click()
      await expectDone(other, 'Mute clip')
    }
    await route.continue()
  })
  await page.getByRole('button', { name: /^Add F7 beside \S+$/ }).click()
  const dialog = page.getByRole('dialog', { name: 'The keymap has changed in the meantime' })
  await expect(dialog).toContainText('Mute clip: Add F8 beside')
  await dialog.getByRole('button', { name: 'Make it on top' }).click()
  await expectDone(page, 'Divide at cursor')
  await page.goto('/remap/faderloft?command=mute-clip&chord=F8')
  await expect(page.getByText('F8 runs Mute clip in Tracks already.')).toBeVisible()
})

test('a suite that is offline waits, one that is read-only says so, and neither loses its file', async ({ page }) => {
  const avocet = new Workstation('avocet')
  await signIn(page, 'keeper')
  await page.goto('/remap/cutloom?command=lift&chord=F6')
  await page.getByRole('button', { name: /^Add F6 beside \S+$/ }).click()
  await nameTheCopy(page, 'For Avocet')
  await page.goto('/presets')
  await page.getByLabel('As', { exact: true }).selectOption({ label: 'a new preset' })
  await page.getByLabel('Name of the preset').fill('Offline test')
  await page.getByLabel('What is this release for?').fill('lift on F6')
  await page.getByRole('button', { name: 'Make the release' }).click()
  await expect(page.getByText('Made Offline test, release 1.')).toBeVisible()

  avocet.switchOn('OFFLINE')
  await page.goto('/suites')
  const row = page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: 'Choose Avocet' }) })
  await expect(row).toContainText('offline since', { timeout: 20_000 })
  await row.getByRole('checkbox').check()
  await page.getByLabel('Release', { exact: true }).selectOption({ label: 'Offline test 1: lift on F6' })
  await expect(page.getByRole('table', { name: 'What would change where' })).toContainText('changes once it can')
  await acceptAll(page, 'the sound comes later')
  await page.getByRole('button', { name: 'Roll it out' }).click()
  const rollout = page.getByRole('article', { name: 'Rollout of Offline test 1' })
  await expect(rollout).toContainText('Avocet on its way')
  expect(avocet.has('cutloom-keys.xml')).toBe(false)

  avocet.switchOn('READ-ONLY')
  avocet.switchOff('OFFLINE')
  await expect(rollout).toContainText('Avocet: Cutloom: the folder is read-only.')
  avocet.switchOff('READ-ONLY')
  await expect(row).toContainText('Cutloom in step')
  await rollout.getByRole('button', { name: 'Go on' }).click()
  await expect(rollout).toContainText('Offline test 1 done')
  expect(avocet.read('cutloom-keys.xml')).toContain('keys="F6" run="lift"')
  await rollout.getByRole('button', { name: 'Go back to what was before' }).click()
  await expect.poll(() => avocet.has('cutloom-keys.xml')).toBe(false)
})

test('a server that does not answer is said so, and the page can be asked again', async ({ page }) => {
  await signIn(page, 'motion')
  await page.route('**/api/stripes*', (route) => route.abort())
  await page.getByRole('link', { name: 'Across' }).click()
  await expect(page.getByRole('alert')).toContainText('The server does not answer.', { timeout: 20_000 })
  await page.unroute('**/api/stripes*')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('table')).toBeVisible()
})

test('an address that is nowhere, a keymap that is not there and a wrong password are told', async ({ page }) => {
  await page.goto('/across')
  await expect(page).toHaveURL(/\/sign-in\?to=%2Facross/)
  await page.getByLabel('Address of your account').fill('picture@saltmarsh.example')
  await page.getByLabel('Password').fill('day-train')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('do not belong together')
  await page.getByLabel('Password').fill('night-train')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'Across' })).toBeVisible()
  await page.goto('/nowhere')
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible()
  await page.goto('/clashes/sleeper')
  await expect(page.getByRole('alert')).toContainText('There is no application "sleeper".')
  await page.goto('/find?words=qqqq')
  await expect(page.getByText('Nothing is called “qqqq”.')).toBeVisible()
})
