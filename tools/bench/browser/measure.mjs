// From keydown to painted answer in Chromium, and searches at the API, on the large worlds that `./zebrafinch bench` serves.
// Usage: node measure.mjs press|search ADDRESS
import { chromium } from '@playwright/test'
import { readFileSync } from 'node:fs'

const [, , what, address] = process.argv
const ARGUMENTS = [
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ARGUMENTS })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${address}/sign-in`)
await page.getByLabel('Address of your account').fill('picture@saltmarsh.example')
await page.getByLabel('Password').fill('night-train')
await page.getByRole('button', { name: 'Sign in' }).click()
await page.waitForURL('**/find')

/** The value below which this share of the sorted times lies. */
const percentile = (times, share) =>
  [...times].sort((one, other) => one - other)[Math.min(times.length - 1, Math.floor(share * times.length))]

/**
 * Presses keys and tells for each, in ms from the event: the first moment after the next frame was painted, whether that frame
 * held the answer of the application that is looked at, and the first moment after the frame that held all there is to it.
 */
async function press(codes, isHeard = true) {
  await page.evaluate((heard) => {
    globalThis.painted = []
    globalThis.heard = heard
    globalThis.listen ??=
      window.addEventListener(
        'keydown',
        ({ code, timeStamp }) => {
          const measured = { code, isAnswered: false }
          globalThis.painted.push(measured)
          const look = () => {
            requestAnimationFrame(() => {
              const channel = new MessageChannel()
              channel.port1.onmessage = () => {
                const now = performance.now() - timeStamp
                if (measured.first === undefined) {
                  measured.first = now
                  measured.isAnswered = document.querySelector('[data-testid=who-chord]')?.dataset.press === code
                }
                if (!globalThis.heard || document.querySelector('button[data-key][data-chosen=true]')?.dataset.key === code)
                  measured.whole = now
                else if (now < 1000) look()
              }
              channel.port2.postMessage(null)
            })
          }
          look()
        },
        { capture: true },
      ) ?? true
  }, isHeard)
  for (const code of codes) {
    await page.keyboard.press(code)
    await page.waitForTimeout(60)
  }
  return page.evaluate(() => globalThis.painted)
}

if (what === 'press') {
  const codes = Array.from({ length: 120 }, (_, at) => `Key${'QWERTASDFGZXCVBYUIOPHJKLNM'[at % 26]}`)
  await page.getByRole('region', { name: 'Board' }).waitFor({ timeout: 120_000 })
  const idle = (await press(codes, false)).map(({ first }) => first)
  await page.keyboard.press('F9')
  await page.getByText('Listening.').waitFor()
  await press(codes.slice(0, 20))
  const answers = await press(codes)
  const late = answers.filter(({ isAnswered }) => !isAnswered).length
  const first = answers.map((one) => one.first)
  const whole = answers.map((one) => one.whole)
  const idle95 = percentile(idle, 0.95)
  const tell = (times) => {
    const slow = percentile(times, 0.95)
    const inMs = `${slow.toFixed(1)} ms and ${idle95.toFixed(1)} ms; median ${percentile(times, 0.5).toFixed(1)} ms`
    return `95th percentile ${(slow / idle95).toFixed(2)} times that of a key nobody hears (${inMs})`
  }
  const lateness = `${late} of ${answers.length} came a frame later`
  console.log(`  keydown to painted answer, 6 applications with 1,000 bindings each: ${tell(first)}; ${lateness}`)
  console.log(`  the same until every application's ladders and the board are painted too: ${tell(whole)}`)
} else {
  const lines = readFileSync('core/tests/Intent/queries.tsv', 'utf8').split('\n')
  const queries = lines.filter((line) => line !== '' && !line.startsWith('#')).map((line) => line.split('\t')[0])
  const measured = await page.evaluate(async (all) => {
    const time = async (path) => {
      const start = performance.now()
      await (await fetch(path, { headers: { Accept: 'application/json' } })).text()
      return performance.now() - start
    }
    for (const query of all.slice(0, 20)) await time(`/api/find?words=${encodeURIComponent(query)}`)
    const found = []
    const plain = []
    for (const query of all) {
      found.push(await time(`/api/find?words=${encodeURIComponent(query)}`))
      plain.push(await time('/api/session'))
    }
    return { found, plain }
  }, queries)
  const [found, plain] = [percentile(measured.found, 0.95), percentile(measured.plain, 0.95)]
  const inMs = `${found.toFixed(1)} ms and ${plain.toFixed(1)} ms`
  const ratio = (found / plain).toFixed(2)
  console.log(`  search over 10,000 commands at the API: 95th percentile ${ratio} times that of asking who is signed in (${inMs})`)
}
await browser.close()
