// Takes one picture of each main view, from the demo world, into docs/screenshots/ (or the folder named as the argument).
// Needs a running demo that was just reset: ./zebrafinch reset-demo && ./zebrafinch start --background && node tools/tour.mjs
import { chromium } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const base = process.env.ZEBRAFINCH_URL ?? 'http://127.0.0.1:8460'
const folder = process.argv[2] ?? 'docs/screenshots'
const workstations = process.env.ZEBRAFINCH_WORKSTATIONS ?? 'var/workstations'
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-background-networking', '--disable-gpu'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })

const go = async (path) => {
  await page.goto(base + path)
  await page.waitForLoadState('networkidle')
}
const shoot = async (name) => {
  await page.waitForFunction(() => document.querySelector('.waiting') === null)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `${folder}/${name}.png` })
}
const button = (name) => page.getByRole('button', { name, exact: false }).first()

await go('/sign-in')
await page.evaluate(() => {
  localStorage.setItem(
    'seat',
    JSON.stringify({ seat: { system: 'macos', board: 'full-ansi', layout: 'us' }, suite: { id: 'avocet', name: 'Avocet' } }),
  )
})
await page.reload()
await page.getByLabel('Address of your account').fill('picture@saltmarsh.example')
await page.getByLabel('Password').fill('night-train')
await button('Sign in').click()
await page.waitForURL('**/find')

await go('/find?application=cutloom&context=timeline')
await shoot('find-board')
await go('/find?words=fade')
await shoot('find-words')
await go('/find?chord=KeyC')
await shoot('find-chord')
await go('/second-screen?application=boardwick&context=all')
await shoot('second-screen')
await go('/export?of=cutloom&by=menu&unbound=1')
if (folder !== 'docs/screenshots') await shoot('list')

await go('/remap/cutloom?command=split-at-playhead&chord=KeyT')
await button('Use T instead').click()
await page.fill('#copy-name', 'Night trains')
await button('Make the copy').click()
await page.getByText('Split at playhead: Use T').first().waitFor()
await go('/remap/cutloom?command=lift&chord=KeyC')
await shoot('remap')
await go('/clashes/cutloom')
await page
  .getByRole('list', { name: /^Clashes/ })
  .getByRole('button')
  .first()
  .click()
await page.getByText('Ways out').waitFor()
await shoot('clashes')
await go('/across?applications=cutloom,faderloft,easeframe,gradewell&group=playback')
await shoot('across')
await go('/across/false-friends?knows=cutloom&at=faderloft')
if (folder !== 'docs/screenshots') await shoot('false-friends')

// The house: the suite keeper's standard in three suites, one of which somebody has changed by hand, and somebody who sits in another.
const keeper = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const signInAs = async (other, account) => {
  await other.goto(`${base}/sign-in`)
  await other.getByLabel('Address of your account').fill(`${account}@saltmarsh.example`)
  await other.getByLabel('Password').fill('night-train')
  await other.getByRole('button', { name: 'Sign in' }).click()
  await other.waitForURL('**/find')
}
const ask = async (other, method, path, data) => {
  const token = decodeURIComponent((await other.context().cookies()).find((one) => one.name === 'XSRF-TOKEN').value)
  const answer = await other.request[method](`${base}/api${path}`, { headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' }, data })
  return answer.json()
}
const splitOn = async (other, key, name) => {
  const { id } = await ask(other, 'post', '/applications/cutloom/keymaps', { name })
  const binding = (chord) => [{ chord, command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }]
  await ask(other, 'post', `/keymaps/${id}/changes`, {
    version: 1,
    title: `Split on ${key}`,
    change: { removed: binding('KeyC'), added: binding(`Key${key}`) },
  })
}
const yesTo = (problems) => ({ accept: problems.map(({ id }) => id), reason: 'the grade and motion keys come in spring' })
await signInAs(keeper, 'keeper')
await splitOn(keeper, 'T', 'House keys')
await ask(keeper, 'post', '/applications/faderloft/keymaps', { name: 'House sound' })
const { problems } = await ask(keeper, 'get', '/release-drafts')
await ask(keeper, 'post', '/presets', { name: 'House standard', note: 'Split on T, under the left hand', ...yesTo(problems) })
const standard = (await ask(keeper, 'get', '/presets')).presets[0].id
await ask(keeper, 'patch', `/presets/${standard}`, { audience: 'house', is_standard: true })
const fixed = { cutloom: ['timeline KeyT tap split-at-playhead', 'everywhere KeyJ tap play-backwards'] }
const release = await ask(keeper, 'post', `/presets/${standard}/releases`, { note: 'T and J are fixed for everybody', fixed })
const suites = ['avocet', 'bittern', 'dunlin']
const dryRun = await ask(keeper, 'post', '/dry-runs', { release: release.id, suites })
await ask(keeper, 'post', '/rollouts', { release: release.id, suites, first: 'avocet', when: 'now', at: null, ...yesTo(dryRun.problems) })
await keeper.goto(`${base}/suites`)
await keeper.getByText('House standard 2 done').waitFor()
const edited = `${workstations}/dunlin/cutloom-keys.xml`
writeFileSync(edited, readFileSync(edited, 'utf8').replace('keys="D" run="lift"', 'keys="Shift Delete" run="lift"'))
await keeper.getByText('changed by hand').first().waitFor()
const sound = await browser.newPage()
await signInAs(sound, 'sound')
await splitOn(sound, 'Y', 'Freelance')
await ask(sound, 'put', '/suites/bittern/sitting', { until: null })
await keeper.getByText('sound editor sits there').waitFor()
await keeper.getByText('Cutloom in step').nth(1).waitFor()
const shootKeeper = async (name) => {
  await keeper.waitForTimeout(600)
  await keeper.screenshot({ path: `${folder}/${name}.png` })
}
await shootKeeper('suites')
await keeper.goto(`${base}/suites/dunlin`)
await keeper.getByRole('region', { name: 'What happened here' }).waitFor()
await shootKeeper('suite')
await keeper.goto(`${base}/presets`)
await keeper.getByText('2 chords fixed').waitFor()
await shootKeeper('presets')
await keeper.goto(`${base}/house/journal`)
await keeper.getByText('all as they were written').waitFor()
await keeper.evaluate(() => localStorage.setItem('theme', 'dim'))
await keeper.reload()
await keeper.getByText('all as they were written').waitFor()
await shootKeeper('house-dim')
await keeper.evaluate(() => localStorage.setItem('theme', 'paper'))
await keeper.goto(`${base}/house`)
await go('/find')
await button('Sit down').click()
await page.getByLabel('Suite', { exact: true }).last().selectOption('avocet')
await page.getByText('Until when?').waitFor()
await shoot('sit-down')
await ask(page, 'put', '/suites/avocet/sitting', { until: null })

await go('/travel?suite=road-case')
await page.getByText('Cutloom keymap').waitFor()
await shoot('travel')
await go('/rehearse?suite=avocet&application=cutloom&focus=timeline')
for (const key of ['F9', 't', 'ArrowUp', 'i', 'f', 'h']) {
  await page.keyboard.press(key)
  await page.waitForTimeout(key === 'F9' ? 100 : 700)
}
await shoot('rehearse')
await page.keyboard.press('F9')
const theme = (name) => page.evaluate((chosen) => localStorage.setItem('theme', chosen), name)
await go('/learn')
for (let learned = 0; learned < 2; learned++) {
  await button('Learn it').click()
  await page.waitForTimeout(800)
}
await shoot('learn')
await theme('dim')
await go('/learn')
await button('Practise').click()
await page.getByText('Listening.').waitFor()
await page.keyboard.press('x')
await page.getByText('Missed:').waitFor()
await shoot('practice-dim')
await theme('paper')
await go('/learn/savings')
if (folder !== 'docs/screenshots') await shoot('savings')
await go('/learn/pictures')
if (folder !== 'docs/screenshots') await shoot('learning-pictures')
await go('/house-applications/new')
const forms = mkdtempSync(join(tmpdir(), 'forms-'))
execFileSync('php', ['e2e/support/forms.php', forms])
await page.getByLabel('What the application is called').fill('Lanternfish')
await page.getByLabel(/^Its key file/).setInputFiles(join(forms, 'lanternfish.conf'))
await page.getByRole('button', { name: 'Read it' }).click()
await page.waitForURL(/house-applications\/\d+/)
await page.getByRole('button', { name: /^split_reel/ }).click()
await shoot('applications')
await page.getByRole('button', { name: /Use it$/ }).click()
await page.getByRole('button', { name: 'Throw the draft away' }).click()
await page.waitForURL(/applications$/)
await go('/applications/cutloom/bring-in')
await page.setInputFiles('input[type=file]', 'core/tests/Dialect/fixtures/cutloom/good/unknown-parts.xml')
await page.waitForURL('**/key-files/**')
if (folder !== 'docs/screenshots') await shoot('key-file')
await page.evaluate(() => {
  localStorage.setItem('theme', 'dim')
})
await page.evaluate(() => {
  localStorage.setItem(
    'seat',
    JSON.stringify({ seat: { system: 'windows', board: 'full-iso', layout: 'german' }, suite: { id: 'bittern', name: 'Bittern' } }),
  )
})
await go('/find?chord=Control%2BAlt%2BKeyE&application=faderloft&context=tracks')
await shoot('find-dim')
await page.evaluate(() => {
  localStorage.setItem(
    'seat',
    JSON.stringify({ seat: { system: 'macos', board: 'full-ansi', layout: 'us' }, suite: { id: 'avocet', name: 'Avocet' } }),
  )
})
await ask(page, 'post', '/applications/faderloft/keymaps', {
  name: 'Night mix',
  title: 'A few keys of my own',
  despite_clashes: true,
  change: {
    removed: [],
    added: [
      { chord: 'KeyK', command: 'record', context: 'everywhere' },
      { chord: 'Digit1', command: 'mute-clip', context: 'clip' },
      { chord: 'Primary+KeyH', command: 'show-mixer', context: 'everywhere' },
      { chord: 'Digit8', command: 'arm-track', context: 'tracks' },
    ],
  },
})
await go('/across/harmonise')
await button('Search').click()
await page.getByText('Agreement').waitFor({ timeout: 60_000 })
await shoot('harmonise-dim')
await go('/clashes/faderloft?settle=1')
await page.getByText('Make all').waitFor()
await page.evaluate(() => {
  localStorage.setItem('theme', 'paper')
})
await go('/remap/faderloft/changes?with=factory')
if (folder !== 'docs/screenshots') await shoot('changes')
await go('/remap/faderloft/bulk-edit')
await page.getByLabel('Of context').selectOption('clip')
await button('choose all').click()
await page
  .getByLabel('Layer', { exact: true })
  .selectOption({ label: 'Option and Shift' })
  .catch(() => page.getByLabel('Layer', { exact: true }).selectOption({ index: 6 }))
await page.waitForTimeout(500)
if (folder !== 'docs/screenshots') await shoot('bulk-edit')
await page.evaluate(() => {
  localStorage.setItem('theme', 'dim')
})
await go('/across')
if (folder !== 'docs/screenshots') await shoot('across-dim')
await browser.close()
