import { expect, test, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ask, backToFactory, listenTo, signIn, Workstation } from './support/demo'

interface Form {
  form: string
  file: string
  /** Context, what runs and chord, as the file was made from them. */
  bindings: string[]
}

const folder = mkdtempSync(join(tmpdir(), 'forms-'))
execFileSync('php', ['e2e/support/forms.php', folder])
const FORMS = JSON.parse(readFileSync(join(folder, 'forms.json'), 'utf8')) as Form[]
const MOST_ACTIONS = 25

/** Counts what hands do: a field filled, a file chosen, a button pressed. */
class Hands {
  actions = 0
  constructor(private readonly page: Page) {}

  async press(name: string | RegExp): Promise<void> {
    this.actions++
    await this.page.getByRole('button', { name }).first().click()
  }

  async bring(name: string, file: string): Promise<void> {
    this.actions += 2
    await this.page.goto('/house-applications/new')
    await this.page.getByLabel('What the application is called').fill(name)
    await this.page.getByLabel(/^Its key file/).setInputFiles(join(folder, file))
    await this.press('Read it')
    await expect(this.page.getByRole('heading', { level: 1, name })).toBeVisible()
  }
}

const idOf = (page: Page): string => /house-applications\/(\d+)/.exec(page.url())?.[1] ?? ''

for (const { form, file, bindings } of FORMS) {
  test(`a key file in a form that nobody described, ${form}, is described by hand and put to use`, async ({ page }) => {
    await signIn(page, 'keeper')
    const hands = new Hands(page)
    await hands.bring(`Brought ${form}`, file)
    const proof = page.getByRole('region', { name: 'Proof' })
    await expect(proof.getByRole('heading', { name: 'It stands the proof' })).toBeVisible()
    await expect(proof).toContainText(`${bindings.length} bindings read`)
    await expect(proof).toContainText('no line was left')
    await hands.press(/Use it$/)
    await hands.press('Use it in the house')
    await expect(page.getByRole('heading', { name: 'It is in use' })).toBeVisible()
    expect(hands.actions).toBeLessThanOrEqual(MOST_ACTIONS)

    // All that is read is what the file was made from, and nothing else: as the product lists the factory keymap.
    const slug = `brought-${form}`
    const brought = (await ask(page, 'get', `/house-applications/${idOf(page)}`)) as {
      version: number
      contexts: { id: string; written?: string[] }[]
    }
    const commands = new Map<string, string>()
    for (let from = 0; from < 200; from += 120) {
      const part = (await ask(page, 'get', `/house-applications/${idOf(page)}?command_from=${from}`)) as {
        commands: { id: string; written: string }[]
      }
      for (const { id, written } of part.commands) commands.set(id, written)
    }
    const words = new Map(brought.contexts.map(({ id, written }) => [id, written?.[0] ?? id]))
    const keymap = (await ask(page, 'get', `/applications/${slug}/keymap`)) as {
      bindings: { chord: { id: string }; command: { id: string }; context: { id: string } }[]
    }
    const read = keymap.bindings.map(
      ({ chord, command, context }) => `${words.get(context.id) ?? ''} | ${commands.get(command.id) ?? ''} | ${chord.id}`,
    )
    expect(read.sort()).toEqual([...bindings].sort())
    await ask(page, 'post', `/house-applications/${idOf(page)}/put-away`, { version: brought.version })
  })
}

test('what is wrong is corrected by pointing at the file, with the keyboard alone, and the marking follows', async ({ page }) => {
  await signIn(page, 'sound')
  await page.goto('/house-applications/new')
  await page.getByLabel('What the application is called').fill('Spindle')
  await page.getByLabel(/^Its key file/).setInputFiles({
    name: 'spindle.conf',
    mimeType: 'text/plain',
    buffer: Buffer.from('[global]\nplay = Space\nstop = Knurl+K\nundo = Ctrl+Z\nredo = Ctrl+Knurl+Z\nsave = Ctrl+S\ncopy = Ctrl+C\n'),
  })
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Read it' }).press('Enter')
  await expect(page.getByText('2 lines not read')).toBeVisible()
  await expect(page.getByText(/Not read: The chord "Knurl\+K"/)).toBeVisible()
  // One stop of the tab key, then the arrows: down two lines, right to the word.
  const first = page
    .getByRole('list', { name: /^Lines/ })
    .getByRole('button')
    .first()
  await first.focus()
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown']) await page.keyboard.press(key)
  for (let step = 0; step < 40; step++) {
    if ((await page.evaluate(() => document.activeElement?.textContent)) === 'Knurl') break
    await page.keyboard.press('ArrowRight')
  }
  await page.keyboard.press('Enter')
  const pointed = page.getByRole('region', { name: 'What you pointed at' })
  await expect(pointed.getByRole('heading')).toBeFocused()
  await pointed.getByRole('button', { name: 'Shift', exact: true }).press('Enter')
  await expect(page.getByText('“Knurl” means Shift.')).toBeVisible()
  await expect(page.getByText('no line was left that looks like one')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Knurl+K, chord Shift+KeyK' })).toBeVisible()
  await page.getByRole('button', { name: 'Take it back' }).press('Enter')
  await expect(page.getByText('2 lines not read')).toBeVisible()

  await page.getByRole('button', { name: /Contexts and who wins/ }).press('Enter')
  await page.getByPlaceholder('A further context').fill('Panel')
  await page.getByRole('button', { name: 'Add it' }).press('Enter')
  await page.getByPlaceholder('A further context').fill('Clip')
  await page.getByRole('button', { name: 'Add it' }).press('Enter')
  await page.getByRole('button', { name: 'Clip: into Panel' }).press('Enter')
  await page.getByRole('button', { name: 'Keep the contexts so' }).press('Enter')
  await expect(page.getByRole('textbox', { name: 'Name of the context clip, inside Panel' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'The contexts are stored' })).toBeVisible()
  await page.getByLabel('The earlier line').press('Space')
  await expect(page.getByLabel('The earlier line')).toBeChecked()

  await page.getByRole('button', { name: /Commands$/ }).press('Enter')
  await page.getByText('More commands: from a list').press('Enter')
  await page.getByLabel(/A list with one name/).fill('name,menu\nStop,Transport > Stop\nCount,File > Count\n')
  await page.getByLabel('“menu” is').selectOption({ label: 'the menu path' })
  await page.getByRole('button', { name: 'Add what is new' }).press('Enter')
  await expect(page.getByRole('row', { name: /Stop.*Transport › Stop/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /Count.*only in a menu/ })).toBeVisible()

  await page.getByRole('button', { name: /Use it$/ }).press('Enter')
  await page.getByRole('button', { name: 'Throw the draft away' }).press('Enter')
  await expect(page.getByRole('heading', { name: 'Applications' })).toBeVisible()
})

test('a file of thousands of lines is read, and its lines are gone through in steps', async ({ page }) => {
  await signIn(page, 'sound')
  await new Hands(page).bring('Longshore', 'long.conf')
  await expect(page.getByText(/Lines 1–120 of 5,\d+/)).toBeVisible()
  await page.getByRole('button', { name: 'Later' }).click()
  await expect(page.getByText(/Lines 121–240/)).toBeVisible()
  await expect(page.getByText('It stands the proof')).toBeVisible()
  await ask(page, 'delete', `/house-applications/${idOf(page)}`, { version: 1 }).catch(() => undefined)
})

test('a keeper brings an application, remaps and harmonises it, gives it to a suite, rolls it out and rehearses there', async ({
  page,
  browser,
}) => {
  await backToFactory(browser, 'keeper')
  await signIn(page, 'keeper')
  const hands = new Hands(page)
  await hands.bring('Lanternfish', 'lanternfish.conf')
  await hands.press(/Use it$/)
  await page.getByRole('button', { name: /^Take \d+ match/ }).click()
  await expect(page.getByText(/match(es)? taken\./)).toBeVisible()
  await hands.press('Use it in the house')
  await page.getByRole('link', { name: 'Remap Lanternfish' }).click()

  await test.step('remap a command of it by pressing the chord', async () => {
    await ask(page, 'post', '/applications/lanternfish/keymaps', { name: 'Mine' })
    await page.goto('/remap/lanternfish?command=split-reel')
    await listenTo(page, 'F8')
    await page
      .getByRole('button', { name: /^(Add F8|Use F8)/ })
      .first()
      .click()
    await expect(page.getByRole('region', { name: 'Done just now' })).toContainText('Split reel')
  })

  await test.step('harmonise it with two others', async () => {
    await page.goto('/across/harmonise')
    for (const name of ['Easeframe', 'Gradewell', 'Rotomere', 'Boardwick']) await page.getByRole('checkbox', { name, exact: true }).click()
    await expect(page.getByRole('checkbox', { name: 'Lanternfish', exact: true })).toBeChecked()
    await page.getByLabel('Search for at most').selectOption('2 seconds')
    await page.getByRole('button', { name: 'Search', exact: true }).click()
    const found = page.getByRole('region', { name: 'What was found' })
    await expect(found.getByText(/Agreement/)).toBeVisible({ timeout: 60_000 })
    await page.getByRole('button', { name: 'Apply to all keymaps …' }).click()
    await page.getByRole('button', { name: 'Write them' }).click()
    await expect(page.getByText('All keymaps of the kit have these chords now.')).toBeVisible()
  })

  const dunlin = new Workstation('dunlin')
  await test.step('give it to a suite, whose workstation knows where its file lies', async () => {
    dunlin.write('APPLICATIONS', 'lanternfish lanternfish.conf\n')
    await page.goto('/suites/dunlin')
    await page.getByText('Which applications it has').click()
    await page.getByLabel('Lanternfish').check()
    await page.getByRole('button', { name: 'It has these' }).click()
    await expect(page.getByRole('region', { name: 'Key files' })).toContainText('Lanternfish')
  })

  await test.step('roll a release out that has it', async () => {
    const release = await released(page)
    await ask(page, 'put', '/suites/dunlin/following', {
      preset: release.preset,
      release: release.id,
      accept: release.problems,
      reason: 'a trial',
    })
    await expect
      .poll(() => (dunlin.has('lanternfish.conf') ? dunlin.read('lanternfish.conf') : ''), { timeout: 30_000 })
      .toContain('split_reel:')
    await page.goto('/suites/dunlin')
    await expect(page.getByRole('region', { name: 'Key files' })).toContainText('Lanternfish')
  })

  await test.step('rehearse it there: what is installed says what would run', async () => {
    await page.goto('/rehearse?suite=dunlin&application=lanternfish&focus=everywhere')
    await listenTo(page, 'k')
    await expect(
      page
        .getByRole('list', { name: /What was pressed/ })
        .getByRole('listitem')
        .first(),
    ).toContainText('would run')
  })

  // What comes after begins with a suite that has nothing.
  await ask(page, 'delete', '/suites/dunlin/following')
  await ask(page, 'patch', '/suites/dunlin', { applications: ['faderloft', 'cutloom'] })
  for (const file of ['APPLICATIONS', 'lanternfish.conf', 'cutloom-keys.xml', 'faderloft.keys.tsv', 'desktop-titles.json'])
    dunlin.remove(file)
  await expect
    .poll(async () => {
      const { suite } = (await ask(page, 'get', '/suites/dunlin')) as { suite: { files: { sha256: string | null }[] } }
      return suite.files.every(({ sha256 }) => sha256 === null)
    })
    .toBe(true)
  await backToFactory(browser, 'keeper')
  const { applications } = (await ask(page, 'get', '/house-applications')) as {
    applications: { id: number; slug: string; version: number }[]
  }
  const brought = applications.find(({ slug }) => slug === 'lanternfish')
  await ask(page, 'post', `/house-applications/${brought?.id ?? 0}/put-away`, { version: brought?.version })
})

/** A release of what the signed-in account has in use, each of its problems accepted. */
async function released(page: Page): Promise<{ preset: number; id: number; problems: string[] }> {
  const draft = (await ask(page, 'get', '/release-drafts')) as { problems: { id: string }[] }
  const problems = draft.problems.map(({ id }) => id)
  const yes = problems.length === 0 ? {} : { accept: problems, reason: 'a trial' }
  const { id } = (await ask(page, 'post', '/presets', { name: 'With Lanternfish', note: 'a trial', ...yes })) as { id: number }
  const { presets } = (await ask(page, 'get', '/presets')) as { presets: { id: number; name: string }[] }
  return { preset: presets.find(({ name }) => name === 'With Lanternfish')?.id ?? 0, id, problems }
}
