import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { signIn } from './support/demo'

/** Each screen in its filled state; axe knows no state that nobody opened. */
const VIEWS = [
  '/find',
  '/find?words=split',
  '/find?words=qqqq',
  '/find?application=cutloom&context=all',
  '/find?chord=KeyV',
  '/remap/cutloom',
  '/remap/cutloom?chord=KeyC&context=timeline',
  '/remap/cutloom?command=lift',
  '/remap/cutloom?command=lift&chord=KeyD',
  '/travel?suite=road-case',
  '/clashes/cutloom',
  '/clashes/gradewell?parallels=1',
  '/remap/cutloom/changes',
  '/remap/cutloom/bulk-edit',
  '/remap/desktop?command=cutloom%2FRelink%20media&chord=KeyK',
  '/across',
  '/across/false-friends',
  '/across?within=boardwick',
  '/across/carry-over?to=faderloft&from=cutloom',
  '/across/harmonise',
  '/across/familiarity?suite=bittern',
  '/learn',
  '/learn?suite=bittern',
  '/learn/savings',
  '/learn/cards',
  '/learn/pictures',
  '/learn/paper',
  '/learn/usage',
  '/across/intents',
  '/presets',
  '/compare',
  '/suites',
  '/suites/avocet',
  '/rehearse',
  '/rehearse?suite=avocet',
  '/export?of=cutloom&by=menu&unbound=1',
  '/second-screen',
  '/applications/cutloom',
  '/applications/faderloft/bring-in',
  '/house-applications/new',
  '/nowhere',
]

// Some twenty views, each read by axe from top to bottom.
/** What fades or moves has come to its end, so that colours are measured as they stay. */
const settled = (page: Page) => page.evaluate(() => Promise.all(document.getAnimations().map((one) => one.finished.catch(() => undefined))))

test.setTimeout(400_000)

/** Those of them that have colours of their own. */
const IN_COLOUR = [
  '/find?words=split',
  '/find?chord=Control%2BAlt%2BKeyE',
  '/find?application=cutloom&context=all',
  '/second-screen',
  '/export?of=cutloom&by=menu&unbound=1',
  '/rehearse',
  '/remap/cutloom?command=lift&chord=KeyD',
  '/travel?suite=road-case',
  '/clashes/gradewell?parallels=1',
  '/remap/cutloom/bulk-edit',
  '/across',
  '/across/false-friends',
  '/across/carry-over?to=faderloft&from=cutloom',
  '/across/intents',
  '/learn',
  '/learn/pictures',
  '/suites',
  '/applications/cutloom',
]

// The themes differ in colours alone, so all rules are asked of one and those of colour of the other.
const THEMES = {
  paper: (axe: AxeBuilder) => axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']),
  dim: (axe: AxeBuilder) => axe.withRules(['color-contrast', 'link-in-text-block']),
}

for (const [theme, rules] of Object.entries(THEMES)) {
  test(`axe finds nothing on any place, ${theme} theme`, async ({ page }) => {
    await page.addInitScript((chosen) => {
      localStorage.setItem('theme', chosen)
    }, theme)
    await page.goto('/sign-in')
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
    await signIn(page, 'motion')
    for (const view of theme === 'paper' ? VIEWS : IN_COLOUR) {
      await test.step(view, async () => {
        await page.goto(view)
        await expect(page.locator('main h1').first()).toBeAttached()
        await expect(page.locator('.waiting')).toHaveCount(0)
        await settled(page)
        const { violations } = await rules(new AxeBuilder({ page })).analyze()
        expect(violations.map(({ id, nodes }) => [id, ...nodes.map(({ html }) => html)])).toEqual([])
      })
    }
  })
}

test('axe finds nothing on the steps of describing an application, in both themes', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/house-applications/new')
  await page.getByLabel('What the application is called').fill('Halyard')
  await page.getByLabel(/^Its key file/).setInputFiles({
    name: 'halyard.conf',
    mimeType: 'text/plain',
    buffer: Buffer.from('[global]\nplay = Space\nstop = Knurl+K\n[reel list]\nundo = Ctrl+Z\nsave = Ctrl+S\ncopy = Ctrl+C\ncut = Ctrl+X\n'),
  })
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Halyard' })).toBeVisible()
  await page.getByRole('button', { name: 'Knurl', exact: true }).click()
  for (const [theme, rules] of Object.entries(THEMES)) {
    await page.evaluate((chosen) => {
      document.documentElement.dataset.bsTheme = chosen === 'dim' ? 'dark' : 'light'
    }, theme)
    for (const step of [/The key file$/, /Contexts and who wins$/, /Commands$/, /Use it$/]) {
      await page.getByRole('navigation', { name: 'Steps' }).getByRole('button', { name: step }).click()
      await expect(page.locator('.waiting')).toHaveCount(0)
      const { violations } = await rules(new AxeBuilder({ page })).analyze()
      expect(violations.map(({ id, nodes }) => [id, ...nodes.map(({ html }) => html)])).toEqual([])
    }
  }
  await page.getByRole('button', { name: 'Throw the draft away' }).click()
  await expect(page.getByRole('heading', { name: 'Applications' })).toBeVisible()
})

test('axe finds nothing in the dialog, while listening, and with the ways out of a clash open', async ({ page }) => {
  await signIn(page, 'motion')
  const check = async () => {
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  }
  await page.goto('/clashes/faderloft')
  await page
    .getByRole('list', { name: /^Clashes/ })
    .getByRole('button')
    .first()
    .click()
  await expect(page.getByText('Ways out')).toBeVisible()
  await check()
  await page.goto('/remap/faderloft?command=divide-at-cursor&chord=F6')
  await page.getByText('Who gets it then').first().click()
  await check()
  await page.getByRole('button', { name: /^Add F6 beside \S+$/ }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.waitForTimeout(400)
  await check()
  await page.getByRole('button', { name: 'Cancel, change nothing' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('F9')
  await check()
})
