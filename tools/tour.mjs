// Takes one picture of each main view, from the demo world, into docs/screenshots/ (or the folder named as the argument).
// Needs a running demo that was just reset: ./zebrafinch reset-demo && ./zebrafinch start --background && node tools/tour.mjs
import { chromium } from '@playwright/test'
import { readFileSync, writeFileSync } from 'node:fs'

const base = process.env.ZEBRAFINCH_URL ?? 'http://127.0.0.1:8460'
const folder = process.argv[2] ?? 'docs/screenshots'
const workstations = process.env.ZEBRAFINCH_WORKSTATIONS ?? 'var/workstations'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-background-networking', '--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })

const go = async (path) => { await page.goto(base + path); await page.waitForLoadState('networkidle') }
const shoot = async (name) => { await page.waitForTimeout(400); await page.screenshot({ path: `${folder}/${name}.png` }) }
const button = (name) => page.getByRole('button', { name, exact: false }).first()

await go('/sign-in')
await page.evaluate(() => { localStorage.setItem('seat', JSON.stringify({ seat: { system: 'macos', board: 'full-ansi', layout: 'us' }, room: { id: 'avocet', name: 'Avocet' } })) })
await page.reload()
await page.fill('#email', 'picture@saltmarsh.example')
await page.fill('#password', 'night-train')
await shoot('sign-in')
await button('Sign in').click()
await page.waitForURL('**/find')

await go('/find?application=cutloom&context=timeline')
await shoot('find-board')
await go('/find?words=fade')
await shoot('find-words')
await go('/find?chord=KeyM')
await shoot('find-chord')

await go('/remap/cutloom?command=split-at-playhead&chord=KeyV')
await button('Use V instead').click()
await page.fill('#copy-name', 'Night trains')
await button('Make the copy').click()
await page.getByText('Split at playhead: Use V').first().waitFor()
await go('/remap/cutloom?command=lift&chord=KeyD')
await shoot('remap')
await go('/clashes/cutloom')
await page.locator('.clash').first().click()
await page.getByText('Ways out').waitFor()
await shoot('clashes')
await go('/match')
await shoot('match')
await go('/presets')
await page.fill('#save-name', 'Sleeper house')
await page.fill('#save-note', 'Split on V, as in the sound edit')
await button('Save the release').click()
await page.getByText('Saved Sleeper house').waitFor()
await shoot('presets')
await go('/suites')
await page.getByRole('region', { name: 'Avocet' }).getByRole('button', { name: 'Hand over' }).click()
await page.getByRole('region', { name: 'Avocet' }).getByText('in step').waitFor()
await page.getByRole('region', { name: 'Dunlin' }).getByRole('button', { name: 'Hand over' }).click()
await page.getByRole('region', { name: 'Dunlin' }).getByText('in step').waitFor()
const edited = `${workstations}/dunlin/cutloom-keys.xml`
writeFileSync(edited, readFileSync(edited, 'utf8').replace('keys="X" run="lift"', 'keys="Shift Delete" run="lift"'))
await page.getByRole('region', { name: 'Dunlin' }).getByText('changed by hand').first().waitFor()
await shoot('suites')
await go('/suites/travel?room=road-case')
await page.getByText('Cutloom keymap').waitFor()
await shoot('travel')
await go('/rehearse?suite=avocet&application=cutloom&focus=timeline')
for (const key of ['F9', 'v', 'ArrowUp', 'i', 'e', 'Meta+t']) {
  await page.keyboard.press(key)
  await page.waitForTimeout(key === 'F9' ? 100 : 700)
}
await shoot('rehearse')
await page.keyboard.press('F9')
await go('/applications/cutloom')
await shoot('applications')
await go('/applications/cutloom/bring-in')
await page.setInputFiles('input[type=file]', 'core/tests/Dialect/fixtures/cutloom/good/unknown-parts.xml')
await page.waitForURL('**/key-files/**')
await shoot('key-file')
await page.evaluate(() => { localStorage.setItem('theme', 'dim') })
await page.evaluate(() => { localStorage.setItem('seat', JSON.stringify({ seat: { system: 'windows', board: 'full-iso', layout: 'german' }, room: { id: 'bittern', name: 'Bittern' } })) })
await go('/find?chord=Control%2BAlt%2BKeyE&application=faderloft&context=tracks')
await shoot('find-dim')
await go('/remap/faderloft?command=divide-at-cursor&chord=KeyD')
await shoot('remap-dim')
await go('/match')
if (folder !== 'docs/screenshots') await shoot('match-dim')
await browser.close()
