import { expect, test, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { acceptAll, ask, backToFactory, signIn, Workstation } from './support/demo'

const KEYS = 'cutloom-keys.xml'
const avocet = new Workstation('avocet')
const bittern = new Workstation('bittern')
const dunlin = new Workstation('dunlin')

interface Identified {
  id: number
}

/** Gives splitting another key in the keymap in use, without going through the page. */
async function splitOn(page: Page, chord: string, name: string): Promise<void> {
  const { id } = (await ask(page, 'post', '/applications/cutloom/keymaps', { name })) as Identified
  const binding = (key: string) => [{ chord: key, command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }]
  await ask(page, 'post', `/keymaps/${id}/changes`, {
    version: 1,
    title: `Split on ${chord}`,
    change: { removed: binding('KeyC'), added: binding(chord) },
  })
}

const row = (page: Page, suite: string) =>
  page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: `Choose ${suite}` }) })

const splitsOn = (workstation: Workstation): string =>
  workstation.has(KEYS) ? (/keys="([^"]+)" run="split-at-playhead"/.exec(workstation.read(KEYS))?.[1] ?? '') : 'no file'

test.describe.configure({ mode: 'serial' })

// What comes after begins with suites that have nothing.
test.afterAll(async ({ browser }) => {
  const page = await browser.newPage()
  await signIn(page, 'keeper')
  for (const [suite, workstation] of Object.entries({ avocet, bittern, dunlin })) {
    const { suite: state } = (await ask(page, 'get', `/suites/${suite}`)) as {
      suite: { files: { application: { id: string }; sha256: string | null }[] }
    }
    const sha256 = state.files.find(({ application }) => application.id === 'cutloom')?.sha256 ?? null
    if (sha256 !== null) await ask(page, 'post', `/suites/${suite}/files/cutloom`, { way: 'overwrite', sha256 })
    await ask(page, 'delete', `/suites/${suite}/following`)
    workstation.remove(KEYS)
  }
  await ask(page, 'patch', `/presets/${await standardId(page)}`, { audience: 'mine' })
  await page.close()
  for (const account of ['keeper', 'sound', 'motion'] as const) await backToFactory(browser, account)
})

test('a house standard with two fixed chords goes to three suites: one first, stopped by a fault, mended, finished, gone back on', async ({
  page,
  browser,
}) => {
  await backToFactory(browser, 'keeper')
  await signIn(page, 'keeper', { system: 'macos' })
  await splitOn(page, 'KeyT', 'House keys')

  await test.step('make the first release, and make it the house standard', async () => {
    await page.goto('/presets')
    await page.getByLabel('As', { exact: true }).selectOption({ label: 'a new preset' })
    await page.getByLabel('Name of the preset').fill('House standard')
    await page.getByLabel('What is this release for?').fill('Split on T')
    await page.getByRole('button', { name: 'Make the release' }).click()
    await expect(page.getByText('Made House standard, release 1.')).toBeVisible()
    const preset = page.getByRole('region', { name: 'House standard' })
    await preset.getByRole('button', { name: /who sees House standard/ }).click()
    // It is checked once the server has said so.
    await preset.getByLabel('it is the house standard').click()
    await expect(page.getByRole('region', { name: 'The house’s' })).toContainText('House standard')
  })

  await test.step('fix two chords for everybody', async () => {
    await page.getByLabel('As', { exact: true }).selectOption({ label: 'House standard, release 2' })
    const fixed = page.getByRole('group', { name: 'Fixed for everybody' })
    for (const [words, name] of [
      ['split at', /^T .*Split at playhead/],
      ['play backwards', /^J .*Play backwards/],
    ] as const) {
      await fixed.getByLabel('Fix another chord').fill(words)
      await fixed.getByRole('button', { name }).click()
    }
    await page.getByLabel('What is this release for?').fill('T and J are fixed')
    await page.getByRole('button', { name: 'Make the release' }).click()
    await expect(page.getByRole('region', { name: 'House standard' })).toContainText('2 chords fixed')
  })

  await test.step('look what would change where, and roll it out with Avocet first', async () => {
    bittern.switchOn('READ-ONLY')
    await page.goto('/suites')
    for (const suite of ['Avocet', 'Bittern', 'Dunlin']) await row(page, suite).getByRole('checkbox').check()
    await page.getByLabel('Release', { exact: true }).selectOption({ label: 'House standard 2: T and J are fixed' })
    await expect(page.getByRole('table', { name: 'What would change where' })).toContainText('gets its first file')
    await page.getByLabel('First suite').selectOption({ label: 'Avocet first' })
    await expect(page.getByRole('button', { name: 'Roll it out' })).toBeDisabled()
    await acceptAll(page, 'the others come in spring')
    await page.getByRole('button', { name: 'Roll it out' }).click()
  })

  const rollout = page.getByRole('article', { name: 'Rollout of House standard 2' })
  await test.step('it stops by itself at the second', async () => {
    await expect(rollout).toContainText('stopped at a fault')
    await expect(rollout).toContainText('Bittern: Cutloom: the folder is read-only.')
    expect(splitsOn(avocet)).toBe('T')
    expect(splitsOn(bittern)).toBe('no file')
  })

  await test.step('mended, it is finished', async () => {
    bittern.switchOff('READ-ONLY')
    await expect(row(page, 'Bittern')).toContainText('Cutloom in step')
    await rollout.getByRole('button', { name: 'Go on' }).click()
    await expect(rollout).toContainText('House standard 2 done')
    for (const suite of [avocet, bittern, dunlin]) expect(splitsOn(suite)).toBe('T')
  })

  await test.step('and gone back on in one action', async () => {
    await rollout.getByRole('button', { name: 'Go back to what was before' }).click()
    await expect(rollout).toContainText('gone back on')
    for (const suite of [avocet, bittern, dunlin]) await expect.poll(() => splitsOn(suite)).toBe('no file')
  })
})

test('a change made by hand is merged with a newer release, clash by clash', async ({ page }) => {
  await signIn(page, 'keeper', { system: 'macos' })
  await page.goto('/suites/avocet')
  await page.getByLabel('What Avocet should follow').selectOption({ label: 'House standard, always the newest' })
  await page.getByRole('button', { name: 'Follow it' }).click()
  await acceptAll(page, 'the others come in spring')
  await page.getByRole('button', { name: 'Follow it' }).click()
  await expect(page.getByText('House standard 2, always the newest')).toBeVisible()
  await expect.poll(() => splitsOn(avocet)).toBe('T')
  avocet.edit(KEYS, 'keys="T" run="split-at-playhead"', 'keys="Y" run="split-at-playhead"')
  avocet.edit(KEYS, 'keys="H" run="add-marker"', 'keys="Shift G" run="add-marker"')
  const files = page.getByRole('region', { name: 'Key files' })
  await expect(files.getByText('changed by hand')).toBeVisible()

  await splitOn(page, 'KeyN', 'House keys, later')
  const { problems } = (await ask(page, 'get', `/release-drafts?preset=${await standardId(page)}`)) as { problems: { id: string }[] }
  await ask(page, 'post', `/presets/${await standardId(page)}/releases`, {
    note: 'Split on N',
    accept: problems.map(({ id }) => id),
    reason: 'T was hard to reach',
  })
  await expect(files).toContainText('House standard 3 is due')
  expect(splitsOn(avocet)).toBe('Y')

  await files.getByRole('link', { name: /^look, and decide/ }).click()
  await expect(page.getByRole('table', { name: 'Changed by hand' })).toContainText('Add marker')
  await expect(page.getByRole('table', { name: 'What is due' })).toContainText('Split at playhead')
  await expect(page.getByRole('button', { name: 'Do so' })).toBeDisabled()
  await page.getByRole('radio', { name: /^what is due/ }).check()
  await page.getByLabel('Why? It stands in the story of the suite.').fill('the marker is for the trainee')
  await page.getByRole('button', { name: 'Do so' }).click()
  await expect(page.getByRole('region', { name: 'What happened here' })).toContainText('the marker is for the trainee')
  await expect.poll(() => splitsOn(avocet)).toBe('N')
  expect(avocet.read(KEYS)).toContain('keys="Shift G" run="add-marker"')
  await expect(files.getByText('its own, on purpose')).toBeVisible()
})

async function standardId(page: Page): Promise<number> {
  const { presets } = (await ask(page, 'get', '/presets')) as { presets: { id: number; name: string }[] }
  return presets.find(({ name }) => name === 'House standard')?.id ?? 0
}

test('a freelancer sits down at a German keyboard for the day, changes a key, leaves, and the suite is byte for byte as before', async ({
  page,
  browser,
}) => {
  await backToFactory(browser, 'sound')
  bittern.write(
    KEYS,
    '<?xml version="1.0"?>\n<!-- of the house, by hand -->\n<cutloom-keys>\r\n  <focus on="everywhere"/>\n</cutloom-keys>',
  )
  const before = bittern.read(KEYS)
  await signIn(page, 'sound', { system: 'macos' })
  await splitOn(page, 'BracketLeft', 'Freelance')
  const { id, version } = (await ask(page, 'get', '/applications/cutloom/keymap')) as { id: number; version: number }
  const onJ = (command: string) => [{ chord: 'KeyJ', command, context: 'everywhere', gesture: 'tap' }]
  await ask(page, 'post', `/keymaps/${id}/changes`, {
    version,
    title: 'Marker on J',
    change: { removed: onJ('play-backwards'), added: onJ('add-marker') },
  })
  await page.goto('/find')
  await page.getByRole('button', { name: 'Sit down …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Sit down with my keys' })
  await dialog.getByLabel('Suite').selectOption({ label: 'Bittern' })
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Gradewell' })).toContainText('what the suite has stays')
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Freelance' })).toBeVisible()
  await expect(dialog.getByText('The house keeps: Add marker loses J, which the house has fixed')).toBeVisible()
  await dialog.getByRole('radio', { name: /^until \d/ }).check()
  await dialog.getByRole('button', { name: 'Sit down here' }).click()
  await expect(page.getByText(/You sit in Bittern until/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Keyboard Bittern\s*German, Windows/ })).toBeVisible()
  await expect.poll(() => bittern.read(KEYS)).toContain('run="split-at-playhead"')
  // The house has fixed J: the freelancer has it too.
  expect(bittern.read(KEYS)).toContain('keys="J" run="play-backwards"')
  expect(bittern.read(KEYS)).not.toContain('keys="J" run="add-marker"')

  bittern.edit(KEYS, 'keys="D" run="lift"', 'keys="Y" run="lift"')
  await expect(page.getByText('You changed Cutloom by hand in Bittern')).toBeVisible({ timeout: 40_000 })
  await page.getByRole('button', { name: 'Leave Bittern' }).click()
  await expect.poll(() => bittern.read(KEYS)).toBe(before)

  await page.getByRole('link', { name: 'take it along?' }).click()
  await expect(page.getByRole('region', { name: 'Cutloom' })).toContainText('Lift gets')
  await page.getByRole('button', { name: 'Take it into my keys' }).click()
  await expect(page).toHaveURL(/\/remap\/cutloom/)
  await page.goto('/remap/cutloom?command=lift')
  await expect(page.getByRole('main')).toContainText(/Lift/)
  const kit = (await ask(page, 'get', '/applications/cutloom/remap?command=lift&context=timeline')) as {
    bindings: { chord: { id: string } }[]
  }
  // What the German key Y types stands where US English has its Z: the chord is the key.
  expect(kit.bindings.map(({ chord }) => chord.id)).toEqual(['KeyY'])
})

test('a suite away from the network gets its files on a stick, and the report comes back on it', async ({ page }) => {
  await signIn(page, 'keeper')
  dunlin.switchOn('OFFLINE')
  await page.goto('/suites/dunlin')
  await expect(page.getByText(/offline since/)).toBeVisible({ timeout: 20_000 })
  await page.getByLabel('What Dunlin should follow').selectOption({ label: 'House standard, always the newest' })
  await page.getByRole('button', { name: 'Follow it' }).click()
  await acceptAll(page, 'away on location')
  await page.getByRole('button', { name: 'Follow it' }).click()
  await expect(page.getByRole('region', { name: 'Key files' })).toContainText('House standard 3 is due')
  await page.getByText('Away from the network').click()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Bundle for a stick' }).click()
  const stick = mkdtempSync(`${tmpdir()}/stick-`)
  await (await download).saveAs(`${stick}/dunlin.bundle`)

  const bundle = JSON.parse(readFileSync(`${stick}/dunlin.bundle`, 'utf8')) as { public_key: string }
  const settings = {
    server: 'http://127.0.0.1:1',
    token: 'demo-token-of-dunlin',
    suite: 'dunlin',
    house_key: bundle.public_key,
    // The agent of the network works with another folder of its own; this one is carried with the stick.
    state: `${stick}/agent`,
    files: { cutloom: `${dunlin.folder}/${KEYS}` },
  }
  writeFileSync(`${stick}/settings.json`, JSON.stringify(settings))
  const agent = ['agent/agent.php', `--settings=${stick}/settings.json`, `--bundle=${stick}/dunlin.bundle`]
  expect(execFileSync('php', agent, { encoding: 'utf8' })).toContain('is installed')
  expect(splitsOn(dunlin)).toBe('N')

  const report = JSON.parse(readFileSync(`${stick}/dunlin.bundle.report`, 'utf8')) as { code: string }
  writeFileSync(`${stick}/forged.report`, JSON.stringify({ ...report, code: '0'.repeat(64) }))
  await page.getByLabel('The report that came back').setInputFiles(`${stick}/forged.report`)
  await expect(page.getByRole('alert')).toContainText('was not written by the agent of Dunlin')
  dunlin.switchOff('OFFLINE')
})

test('a preset is followed, and what is new in it is merged', async ({ page, browser }) => {
  await backToFactory(browser, 'motion')
  await signIn(page, 'motion', { system: 'macos' })
  await page.goto('/presets')
  const standard = page.getByRole('region', { name: 'House standard' })
  await standard.getByLabel(/^Of release 2 of House standard/).selectOption({ label: 'as all my keys' })
  await standard.getByRole('button', { name: /^Use its/ }).click()
  await expect(standard.getByText('In use; what you had is still among your keymaps.')).toBeVisible()
  const { keymaps } = (await ask(page, 'get', '/keymaps')) as { keymaps: { id: number; in_use: boolean; version: number }[] }
  const mine = keymaps.find(({ in_use }) => in_use)
  await ask(page, 'post', `/keymaps/${mine?.id ?? 0}/changes`, {
    version: 1,
    title: 'Split on Y',
    change: {
      removed: [{ chord: 'KeyT', command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }],
      added: [{ chord: 'KeyY', command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }],
    },
  })
  await page.reload()
  await standard.getByRole('link', { name: 'something new here' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'What is new' })).toBeVisible()
  await expect(page.getByText('Split on N')).toBeVisible()
  await expect(page.getByText('One question is open.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled()
  await page.getByRole('radio', { name: /^House standard 3/ }).check()
  await expect(page.getByText(/Split at playhead gets/)).toBeVisible()
  await page.getByRole('button', { name: 'Take it in' }).click()
  await expect(page.getByText('What is new in House standard 3 is in your keys.')).toBeVisible()
  const kit = (await ask(page, 'get', '/applications/cutloom/remap?command=split-at-playhead&context=timeline')) as {
    bindings: { chord: { id: string } }[]
  }
  expect(kit.bindings.map(({ chord }) => chord.id)).toEqual(['KeyN'])
  await page.goto(`/compare?before=factory&after=kit`)
  await expect(page.getByRole('region', { name: 'Cutloom' })).toContainText('Split at playhead')
})
