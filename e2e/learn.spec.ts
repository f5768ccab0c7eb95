import { expect, test, type Page } from '@playwright/test'
import { arriveAt, ask, backToFactory, putClockAhead, signIn, Workstation } from './support/demo'

test.beforeAll(async ({ browser }) => {
  await backToFactory(browser, 'assistant')
})

test.afterAll(() => putClockAhead(0))

/** What the assistant does in Cutloom each week: by key, by mouse. Each stands in a menu, and has a chord. */
const WEEK = {
  lift: [5, 50],
  'split-at-playhead': [5, 40],
  'play-or-stop': [20, 30],
  'add-marker': [0, 20],
  undo: [60, 15],
  copy: [40, 10],
} as const

const MONDAYS = ['2026-03-02', '2026-03-09', '2026-03-16', '2026-03-23']

const log = (monday: string): string =>
  `day,application,command,key,mouse\n${Object.entries(WEEK)
    .map(([command, [key, mouse]]) => `${monday},cutloom,${command},${key},${mouse}\n`)
    .join('')}`

async function bringLog(page: Page, name: string, csv: string): Promise<void> {
  await page.getByLabel(/Read a log/).setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByRole('cell', { name, exact: true })).toBeVisible()
}

const proposals = (page: Page) => page.getByRole('list', { name: 'Proposals' }).getByRole('listitem')

/** What is asked; each card is asked by the name of its command the first time. */
const question = (page: Page) => page.getByRole('region', { name: 'Question' })

const PRESSES: Record<string, string> = { Lift: 'd', 'Split at playhead': 'c', 'Play or stop': 'Space' }

test('four weeks of logs lead to five proposals, a drill, what is due again at the right time, and a card on paper', async ({ page }) => {
  putClockAhead(0)
  await signIn(page, 'assistant')
  await page.goto('/learn')
  await expect(page.getByText('Nothing is known yet of what you do by mouse.')).toBeVisible()
  await page.getByRole('link', { name: 'Bring a usage log' }).first().click()
  for (const [index, monday] of MONDAYS.entries()) await bringLog(page, `week ${index + 1}.csv`, log(monday))

  await page.getByRole('link', { name: 'Today' }).click()
  await expect(proposals(page)).toHaveCount(5)
  // Through two menu titles 1.35 + 2 × 1.1 + 2 × 0.2 s, by one key 1.35 + 0.2 s: 2.4 s less, fifty times a week.
  await expect(proposals(page).filter({ hasText: 'Lift' })).toContainText('2 min a week')
  await expect(proposals(page).filter({ hasText: 'Split at playhead' })).toContainText('1 min 36 s a week')
  await expect(proposals(page).filter({ hasText: 'Play or stop' })).toContainText('1 min 12 s a week')
  for (const command of Object.keys(PRESSES)) {
    await page.getByRole('button', { name: `Learn it ${command}` }).click()
    await expect(page.getByRole('button', { name: `Learn it ${command}` })).toBeHidden()
  }
  await expect(page.getByText('0 learned, 3 on the way, 3 due, 0 s saved so far.')).toBeVisible()

  await page.getByRole('button', { name: /^Practise 3 cards/ }).click()
  await arriveAt(page, 'Practice')
  const missed = new Set<string>()
  for (let answers = 1; answers <= 5; answers++) {
    await expect(page.getByText('Listening.')).toBeVisible()
    await expect(question(page)).toContainText('with the focus in')
    const asked = await wanted(page)
    const isWrong = asked !== 'Play or stop' && !missed.has(asked)
    await page.keyboard.press(isWrong ? 'x' : (PRESSES[asked] ?? ''))
    const before = page.getByRole('status', { name: 'The answer before' })
    await expect(before).toContainText(isWrong ? `Missed: ${asked}` : `Right: ${asked}`)
    if (isWrong) {
      missed.add(asked)
      await expect(before.getByText('Add cross dissolve', { exact: true })).toBeVisible()
    }
    await expect(page.getByText(new RegExp(`, ${answers} answered`))).toBeVisible()
  }
  await expect(page.getByText('3 cards asked, 2 missed at first.')).toBeVisible()
  await expect(page.getByText(/^Back in the first box, and due again in half a day:/)).toContainText('Lift')

  await page.getByRole('link', { name: 'That is it for now' }).click()
  await expect(page.getByText('0 learned, 3 on the way, 0 due, 0 s saved so far.')).toBeVisible()
  putClockAhead(11)
  await page.reload()
  await expect(page.getByText('0 learned, 3 on the way, 0 due, 0 s saved so far.')).toBeVisible()
  putClockAhead(13)
  await page.reload()
  await expect(page.getByText('0 learned, 3 on the way, 2 due, 0 s saved so far.')).toBeVisible()
  putClockAhead(37)
  await page.reload()
  await expect(page.getByText('0 learned, 3 on the way, 3 due, 0 s saved so far.')).toBeVisible()
  putClockAhead(0)

  // In the week after, nothing of it was done by mouse any more.
  await page.goto('/learn/usage')
  await bringLog(page, 'week 5.csv', 'day,application,command,key,mouse\n2026-03-30,cutloom,lift,55,0\n')
  await page.goto('/learn')
  await expect(page.getByText('0 learned, 3 on the way, 0 due, 2 min saved so far.')).toBeVisible()

  await page.goto('/learn/paper')
  await expect(page.getByRole('region', { name: 'Cutloom, Timeline' })).toContainText('Lift')
  await expectPaper(page, 595, 842)
  await page.getByLabel('On').selectOption('a side of A5')
  await expectPaper(page, 420, 595)
  await page.getByLabel('On').selectOption('a strip along the keyboard')
  await expect(page.getByRole('img', { name: /^A strip to lay along the keyboard/ })).toBeVisible()
  await expectPaper(page, 842, 595)
})

const wanted = async (page: Page): Promise<string> => (await question(page).locator('[data-kind]').textContent()) ?? ''

/** One sheet of a size in points. */
async function expectPaper(page: Page, width: number, height: number): Promise<void> {
  await expect(page.locator('.waiting')).toHaveCount(0)
  const paper = (await page.pdf({ preferCSSPageSize: true })).toString('latin1')
  expect(paper.match(/\/Type\s*\/Page\b/g)).toHaveLength(1)
  const [, wide, high] = /\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(paper) ?? []
  expect([Math.round(Number(wide)), Math.round(Number(high))]).toEqual([width, height])
}

test('by keyboard alone: to the cards, a drill with an answer, one not known, and the way out', async ({ page }) => {
  await signIn(page, 'assistant')
  await page.goto('/learn/cards')
  const practise = page.getByRole('button', { name: /^Practise/ })
  await practise.focus()
  await page.keyboard.press('Enter')
  await arriveAt(page, 'Practice')
  await expect(page.getByText('Listening.')).toBeVisible()
  await page.keyboard.press('q')
  await expect(page.getByRole('status', { name: 'The answer before' })).toContainText('Missed:')
  // While the page listens Tab is an answer like any other key: it is stopped first.
  await page.keyboard.press('F9')
  await expect(page.getByText('Listening.')).toBeHidden()
  await tabTo(page, 'I do not know')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/, 2 answered/)).toBeVisible()
  await expect(page.getByRole('status', { name: 'The answer before' })).toContainText('Missed:')
  await page.keyboard.press('Shift+Tab')
  await expect(page.getByRole('button', { name: 'Answer with keys (F9)' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByText('Listening.')).toBeVisible()
})

async function tabTo(page: Page, name: string): Promise<void> {
  for (let presses = 0; presses < 40; presses++) {
    await page.keyboard.press('Tab')
    if (await page.evaluate((text) => document.activeElement?.textContent === text, name)) return
  }
  throw new Error(`Tab never reached ${name}`)
}

test('what the browser takes for itself is answered on the drawn board', async ({ page }) => {
  await signIn(page, 'assistant')
  await page.goto('/learn/cards')
  await page.getByLabel('Application of the chord').selectOption({ label: 'Cutloom' })
  await page.getByLabel('Chord to learn').selectOption({ label: 'Undo (Ctrl+Z)' })
  await page.getByRole('button', { name: 'Learn this one' }).click()
  await expect(page.getByRole('row', { name: /^Undo/ })).toBeVisible()
  await page.goto('/learn/cards?where=cutloom+everywhere')
  await page.getByRole('button', { name: /^Practise/ }).click()
  await arriveAt(page, 'Practice')
  for (let answers = 1; answers <= 2; answers++) {
    const asked = await wanted(page)
    const board = page.getByRole('region', { name: 'Board' })
    if (asked === 'Undo') {
      await board.locator('button[data-key="ControlLeft"]').click()
      await board.locator('button[data-key="KeyZ"]').click()
      await expect(page.getByRole('status', { name: 'The answer before' })).toContainText('Right: Undo')
      return
    }
    await board.getByRole('button', { name: 'Space' }).click()
    await expect(page.getByText(new RegExp(`, ${answers} answered`))).toBeVisible()
  }
  throw new Error('Undo was never asked.')
})

test('a suite tells what somebody uses there once they say so, and nothing from before', async ({ page, browser }) => {
  await backToFactory(browser, 'sound')
  const avocet = new Workstation('avocet')
  avocet.write('cutloom.usage.csv', 'day,command,key,mouse,typed\n2026-03-02,lift,500,500,letters\n')
  await signIn(page, 'sound', { system: 'macos' })
  const before = await usesOf(page, 'lift')
  await page.goto('/find')
  await page.getByRole('button', { name: 'Sit down …' }).click()
  const dialog = page.getByRole('dialog', { name: 'Sit down with my keys' })
  await dialog.getByLabel('Suite').selectOption({ label: 'Avocet' })
  await dialog.getByRole('checkbox', { name: /^Count what I use here/ }).check()
  await dialog.getByRole('button', { name: 'Sit down here' }).click()
  const yes = page.getByRole('checkbox', { name: 'count my uses in Avocet' })
  await expect(yes).toBeChecked()
  await expect.poll(() => avocet.noted(/^usage-\d+-cutloom\.json$/)).toBe(true)
  avocet.write('cutloom.usage.csv', 'day,command,key,mouse,typed\n2026-03-02,lift,503,504,letters\n')
  await expect.poll(() => usesOf(page, 'lift')).toEqual([before[0] + 3, before[1] + 4])
  await page.goto('/learn/usage')
  await expect(page.getByRole('cell', { name: 'sitting in Avocet' })).toBeVisible()

  await yes.click()
  await expect(yes).not.toBeChecked()
  await expect.poll(() => avocet.noted(/^usage-\d+-cutloom\.json$/)).toBe(false)
  await page.getByRole('button', { name: 'Forget it Avocet' }).click()
  await expect(page.getByRole('cell', { name: 'sitting in Avocet' })).toBeHidden()
  expect(await usesOf(page, 'lift')).toEqual(before)
  await page.getByRole('button', { name: 'Leave Avocet' }).click()
  await expect(page.getByRole('button', { name: 'Sit down …' })).toBeVisible()
  avocet.remove('cutloom.usage.csv')
})

async function usesOf(page: Page, command: string): Promise<[number, number]> {
  const { uses } = (await ask(page, 'get', '/usage')) as {
    uses: { application: { id: string }; command: { id: string }; by_key: number; by_mouse: number }[]
  }
  const found = uses.find((one) => one.application.id === 'cutloom' && one.command.id === command)
  return [found?.by_key ?? 0, found?.by_mouse ?? 0]
}

test('ten minutes before sitting down elsewhere: what differs there, drilled on that keyboard', async ({ page }) => {
  await signIn(page, 'assistant')
  await ask(page, 'post', '/applications/cutloom/keymaps', {
    name: 'Split on Y',
    title: 'Split on Y',
    change: {
      removed: [{ chord: 'KeyC', command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }],
      added: [{ chord: 'KeyY', command: 'split-at-playhead', context: 'timeline', gesture: 'tap' }],
    },
  })
  await page.goto('/learn')
  await expect(page.getByRole('row', { name: /Split at playhead/ })).toContainText('does nothing')
  await page.getByRole('button', { name: 'I know these' }).click()
  await expect(page.getByRole('heading', { name: 'What is different now' })).toBeHidden()
  await page.getByLabel('Suite').selectOption({ label: 'Bittern' })
  await expect(page.getByRole('row', { name: /Split at playhead/ })).toBeVisible()
  await page.getByRole('button', { name: 'Drill what is different in Bittern' }).click()
  await arriveAt(page, 'Practice')
  await expect(page.getByText(/as it will be in Bittern/)).toBeVisible()
  // The German keyboard of that suite: its key between T and U is called Z.
  await expect(page.getByRole('region', { name: 'Board' }).locator('button[data-key="KeyY"]')).toContainText('Z')
})
