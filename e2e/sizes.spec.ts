import { expect, test, type Page } from '@playwright/test'
import { signIn } from './support/demo'

const SIZES = [
  { width: 1280, height: 800 },
  { width: 700, height: 900 },
  { width: 390, height: 844 },
  { width: 2560, height: 1440 },
]

/** Names on keys that stand out of their key, or in which a word is broken. */
const brokenNames = (page: Page) =>
  page.evaluate(() => {
    const broken: string[] = []
    for (const cap of document.querySelectorAll<HTMLElement>('button[data-key]')) {
      const frame = cap.getBoundingClientRect()
      const walker = document.createTreeWalker(cap, NodeFilter.SHOW_TEXT)
      for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
        if (node.parentElement?.closest('[aria-hidden=true]') == null) continue
        for (const word of (node.textContent ?? '').matchAll(/\S+/g)) {
          const range = document.createRange()
          range.setStart(node, word.index)
          range.setEnd(node, word.index + word[0].length)
          const rects = [...range.getClientRects()]
          const isOut = rects.some((one) => one.bottom > frame.bottom + 1 || one.right > frame.right + 1)
          if (isOut || rects.length > 1) broken.push(`${cap.dataset.key}: ${word[0]}`)
        }
      }
    }
    return broken
  })

for (const size of SIZES) {
  test(`at ${size.width}x${size.height} every name can be read whole`, async ({ page }) => {
    await page.setViewportSize(size)
    await signIn(page, 'motion')
    for (const view of ['cutloom&context=timeline', 'cutloom&context=trim', 'boardwick&context=easel', 'faderloft&context=tracks']) {
      await page.goto(`/find?application=${view}`)
      await expect(page.locator('button[data-key="KeyS"]')).toBeAttached()
      expect(await brokenNames(page), view).toEqual([])
      const inFull = await page.getByRole('region', { name: 'This layer in full' }).innerText()
      const said = await page.locator('button[data-key][data-use=taken] > .visually-hidden').allTextContents()
      for (const name of said) expect(inFull).toContain(name.replace(/^.*?: /, '').split(', ')[0])
    }
    for (const view of ['/find?application=cutloom&context=all', '/second-screen?application=cutloom&context=all']) {
      await page.goto(view)
      const inFull = page.getByText('Circle take').last()
      await expect(inFull).toBeVisible()
    }
  })

  test(`at ${size.width}x${size.height} no place is wider than its window`, async ({ page }) => {
    await page.setViewportSize(size)
    await signIn(page, 'motion')
    for (const view of [
      '/find',
      '/find?words=out',
      '/find?chord=KeyC',
      '/remap/cutloom?command=lift',
      '/export?of=cutloom',
      '/second-screen',
      '/rehearse',
    ]) {
      await page.goto(view)
      await expect(page.locator('main h1').first()).toBeAttached()
      await expect(page.locator('.waiting')).toHaveCount(0)
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(over, view).toBeLessThanOrEqual(0)
    }
  })
}

test('the layers stay within the window at 1280x800', async ({ page }) => {
  await signIn(page, 'motion')
  await page.goto('/find?application=cutloom&context=timeline')
  const last = page.getByRole('list', { name: 'All layers' }).getByRole('button').last()
  await expect(last).toBeVisible()
  const box = await last.boundingBox()
  expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(800)
})

test('the second screen follows the first window, another one nothing, and a workstation its focus', async ({ page, context }) => {
  await signIn(page, 'motion')
  await page.goto('/find?application=cutloom&context=timeline')
  const second = await context.newPage()
  await second.goto('/second-screen')
  await expect(second.getByRole('region', { name: 'No modifier' })).toContainText('Split at playhead')
  await page.getByLabel('Application', { exact: true }).selectOption('boardwick')
  await page.getByLabel('Context', { exact: true }).selectOption('easel')
  await expect(second.getByRole('region', { name: 'No modifier' })).toContainText('Rubber, tapped or held')
  await second.getByLabel('Follows').selectOption('nothing: it stays')
  await page.getByLabel('Application', { exact: true }).selectOption('faderloft')
  await page.waitForTimeout(1_500)
  await expect(second.getByLabel('Application')).toHaveValue('boardwick')
})

test('the most used keys of an application fill one side of A4, and no more', async ({ page }) => {
  await signIn(page, 'picture')
  for (const application of ['cutloom', 'gradewell']) {
    await page.goto(`/export?of=${application}&most=120`)
    await expect(page.getByRole('region').first()).toBeVisible()
    await expect(page.locator('.waiting')).toHaveCount(0)
    const paper = await page.pdf({ preferCSSPageSize: true })
    expect(paper.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1)
  }
})
