import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ask } from './support/demo'

/** An empty house of its own, as `start --house` leaves it, and the code that its terminal printed. */
const ADDRESS = process.env.ZEBRAFINCH_HOUSE_URL ?? ''
const CODE = process.env.ZEBRAFINCH_HOUSE_CODE ?? ''
const PASSWORD = 'seven night trains'

test.use({ baseURL: ADDRESS })

const agents: ChildProcess[] = []
test.afterAll(() => {
  for (const agent of agents) agent.kill('SIGKILL')
})

/** What a page shows once, such as a link or a token. */
const shownOnce = async (page: Page): Promise<string> => (await page.locator('code').last().innerText()).trim()

/** A workstation with the agent that has been given this token. */
function workstation(suite: string, token: string): string {
  const folder = mkdtempSync(join(tmpdir(), `zebrafinch-${suite}-`))
  const options = [`--suite=${suite}`, `--token=${token}`, `--server=${ADDRESS}`, `--folder=${folder}`]
  agents.push(spawn('php', ['standins/workstation/run.php', ...options], { stdio: 'ignore' }))
  return folder
}

test('from an empty machine to two people, two suites and a rollout', async ({ page, browser }) => {
  await test.step('the first visit names the house and makes its keeper', async () => {
    await page.goto('/')
    await expect(page).toHaveURL(/\/set-up$/)
    await page.getByLabel('Code').fill('AAAAA-AAAAA-AAAAA-AAAAA')
    await page.getByLabel('Name of the house').fill('Reedbed Post')
    await page.getByLabel('Your name').fill('keeper of the reeds')
    await page.getByLabel('Your address').fill('keeper@reedbed.example')
    await page.getByLabel('Password').fill(PASSWORD)
    await page.getByRole('button', { name: 'Open the house' }).click()
    await expect(page.getByRole('alert')).toContainText('not the code that the terminal printed')
    await page.getByLabel('Code').fill(CODE)
    await page.getByRole('button', { name: 'Open the house' }).click()
    await expect(page.getByRole('heading', { name: 'House' })).toBeVisible()
    await expect(page.getByText('Reedbed Post')).toBeVisible()
  })

  await test.step('a second person is invited, and comes in by the link', async () => {
    await page.getByLabel('Name', { exact: true }).fill('night editor')
    await page.getByLabel('Address').fill('night@reedbed.example')
    await page.getByRole('button', { name: 'Invite', exact: true }).click()
    await expect(page.getByText(/The link for night editor/)).toBeVisible()
    const link = await shownOnce(page)
    const other = await (await browser.newContext({ baseURL: ADDRESS })).newPage()
    await other.goto(new URL(link).pathname + new URL(link).hash)
    await expect(other.getByText('Reedbed Post invites night@reedbed.example as editor')).toBeVisible()
    await other.getByLabel('Password').fill('password12345')
    await other.getByRole('button', { name: 'Come in' }).click()
    await expect(other.getByRole('alert')).toContainText('tried first')
    await other.getByLabel('Password').fill(PASSWORD)
    await other.getByRole('button', { name: 'Come in' }).click()
    await expect(other).toHaveURL(/\/find/)
    await expect(other.getByRole('link', { name: 'night editor' })).toBeVisible()
    await expect(other.getByRole('link', { name: 'House' })).toHaveCount(0)
    await other.close()
    await page.reload()
    await expect(page.getByRole('rowheader', { name: /night editor/ })).toBeVisible()
  })

  const folders: string[] = []
  await test.step('two suites are made, and their agents come in with tokens that are shown once', async () => {
    await page.getByRole('link', { name: 'Suites and tokens' }).click()
    for (const name of ['Heron', 'Egret']) {
      const make = page.getByRole('region', { name: 'Make a suite' })
      await make.getByLabel('Name').fill(name)
      await make.getByLabel('Cutloom').check()
      await make.getByRole('button', { name: 'Make it' }).click()
      await expect(make.getByRole('status')).toContainText(`${name} is there`)
      const suite = page.getByRole('listitem').filter({ has: page.getByRole('link', { name }) })
      await suite.getByText('Name, keyboard, token').click()
      await suite.getByRole('button', { name: 'New token' }).click()
      await suite.getByRole('button', { name: 'Yes, new token' }).click()
      await expect(suite.getByText(`The token of ${name}`)).toBeVisible()
      folders.push(workstation(name.toLowerCase(), (await suite.locator('code').innerText()).trim()))
    }
  })

  await test.step('a release goes to both, and their key files say so', async () => {
    const { id } = (await ask(page, 'post', '/applications/cutloom/keymaps', { name: 'House keys' })) as { id: number }
    const binding = (chord: string) => [{ chord, command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }]
    const change = { removed: binding('KeyC'), added: binding('KeyT') }
    await ask(page, 'post', `/keymaps/${id}/changes`, { version: 1, title: 'Split on T', change })
    await page.goto('/presets')
    await page.getByLabel('Name of the preset').fill('House standard')
    await page.getByLabel('What is this release for?').fill('the first')
    await page.getByRole('button', { name: 'Make the release' }).click()
    await expect(page.getByText('Made House standard, release 1.')).toBeVisible()
    await page.goto('/suites')
    for (const name of ['Heron', 'Egret']) await page.getByRole('checkbox', { name: `Choose ${name}` }).check()
    await page.getByLabel('Release', { exact: true }).selectOption({ label: 'House standard 1: the first' })
    await expect(page.getByRole('table', { name: 'What would change where' })).toContainText('gets its first file')
    await page.getByRole('button', { name: 'Roll it out' }).click()
    await expect(page.getByRole('article', { name: /Rollout of House standard 1/ })).toContainText('done')
    for (const folder of folders) {
      const path = join(folder, 'cutloom-keys.xml')
      expect(existsSync(path)).toBe(true)
      expect(readFileSync(path, 'utf8')).toContain('keys="T" run="split-at-playhead"')
    }
  })

  await test.step('the journal tells all of it, as it was written', async () => {
    await page.goto('/house/journal')
    for (const words of ['opened the house', 'made their account', 'Heron: Was made', 'made the release House standard 1']) {
      await expect(page.getByRole('cell', { name: words })).toBeVisible()
    }
    await expect(page.getByText('all as they were written')).toBeVisible()
    await page.getByLabel('Words').fill('egret token')
    await expect(page.getByRole('cell', { name: /Egret: Has a new token/ })).toBeVisible()
    await expect(page.getByRole('cell', { name: 'opened the house' })).toHaveCount(0)
  })

  await test.step('axe finds nothing on the keeper’s screens, the account and the doors, in both themes', async () => {
    for (const theme of ['paper', 'dim']) {
      await page.evaluate((chosen) => localStorage.setItem('theme', chosen), theme)
      for (const view of [
        '/house',
        '/house/suites',
        '/house/journal',
        '/account',
        '/forgotten',
        '/join',
        '/new-password#email=a&token=b',
      ]) {
        await page.goto(view)
        await page.reload()
        await expect(page.locator('main h1').first()).toBeAttached()
        await expect(page.locator('.waiting')).toHaveCount(0)
        // What is asked before something that cannot be taken back has colours of its own.
        if (view === '/house') await page.getByRole('button', { name: 'Remove' }).first().click()
        const { violations } = await new AxeBuilder({ page }).analyze()
        expect(violations.map(({ id, nodes }) => [view, theme, id, ...nodes.map(({ html }) => html)])).toEqual([])
      }
    }
  })
})
