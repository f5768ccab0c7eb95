import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, binding, chordOf, CUTLOOM, FADERLOFT } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { CardsView } from './CardsView'
import { PaperView } from './PaperView'
import { SavingsView } from './SavingsView'
import { WeeksChart } from './WeeksChart'

const card = (id: number, more: Partial<Schema['Card']> = {}): Schema['Card'] => ({
  id,
  gesture: 'tap',
  box: 2,
  due_at: '2026-03-04T10:00:00Z',
  is_due: false,
  is_forgotten: false,
  added_at: '2026-03-02T10:00:00Z',
  learned_at: null,
  asked: 3,
  missed: 1,
  application: CUTLOOM,
  command: { id: `command-${id}`, name: `Command ${id}`, known: true },
  context: { id: 'timeline', name: 'Timeline' },
  chord: chordOf('KeyD'),
  ...more,
})

describe('the cards', () => {
  function show(cards: Schema['Card'][]) {
    whenAsked('GET /applications', APPLICATIONS)
    whenAsked('GET /learn/cards', { cards })
    return renderAt('/learn/cards', <CardsView />, { '/learn/drills/9': <p>drilled</p> })
  }

  it('say when each comes again, and what is done by mouse again', async () => {
    show([card(1), card(2, { is_due: true }), card(3, { is_forgotten: true, is_due: true, box: 1 }), card(4, { box: null, due_at: null })])
    expect((await screen.findByRole('row', { name: /Command 2/ })).textContent).toContain('now')
    expect(screen.getByRole('row', { name: /Command 3/ }).textContent).toContain('done by mouse again')
    expect(screen.getByRole('row', { name: /Command 4/ }).textContent).toContain('learned')
  })

  it('are practised by application and context', async () => {
    whenAsked('POST /learn/drills', { id: '9' })
    show([card(1, { is_due: true }), card(2, { application: FADERLOFT, is_due: true })])
    await userEvent.click(await screen.findByRole('button', { name: 'Faderloft, Timeline' }))
    expect(screen.queryByRole('row', { name: /Command 1/ })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'Practise 1 card that is due' }))
    expect(await screen.findByText('drilled')).toBeTruthy()
    expect(askedFor('POST /learn/drills')[0]?.body).toEqual({ of: 'due', application: 'faderloft', context: 'timeline' })
  })

  it('can be taken away, and one without a chord says so', async () => {
    whenAsked('DELETE /learn/cards/1', { cards: [] })
    show([card(1, { chord: null })])
    expect(await screen.findByText('no chord any more')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Take away Command 1' }))
    expect(askedFor('DELETE /learn/cards/1')).toHaveLength(1)
  })

  it('that are no cards are refused with the reason', async () => {
    whenAsked('POST /learn/card-files', () => problem(422, { detail: 'This is no file of cards.', remedy: 'Choose one that Learn wrote.' }))
    show([])
    await userEvent.upload(await screen.findByLabelText(/Take in exported cards/), new File(['{}'], 'x.json', { type: 'application/json' }))
    expect((await screen.findByRole('alert')).textContent).toContain('This is no file of cards.')
  })
})

describe('the savings', () => {
  const saving = (application: Schema['Named'], kind: Schema['Saving']['kind'], isLearning = false): Schema['OwnSaving'] => ({
    application,
    command: { id: kind, name: kind, known: true },
    kind,
    binding: binding('KeyD', kind, 'timeline'),
    uses: 50,
    before: { operators: 'M 2P 2K', seconds: 3.95 },
    after: { operators: 'M K', seconds: 1.55 },
    seconds_a_week: 120,
    is_learning: isLearning,
  })

  function show(weeks = 4) {
    whenAsked('GET /learn/savings', {
      seconds_a_week: 360,
      by_application: [
        { application: CUTLOOM, seconds_a_week: 240 },
        { application: FADERLOFT, seconds_a_week: 120 },
      ],
      count: 3,
      savings: [saving(CUTLOOM, 'by-mouse'), saving(CUTLOOM, 'no-chord'), saving(FADERLOFT, 'hard-chord', true)],
      without_offer: 2,
      assumptions: {
        weeks,
        first_day: '2026-03-02',
        last_day: '2026-03-27',
        key_seconds: 0.2,
        is_measured: false,
        typing_class: 'average',
        point_seconds: 1.1,
        home_seconds: 0.4,
        mental_seconds: 1.35,
      },
      typing_classes: [
        { id: 'average', name: 'average', seconds: 0.2 },
        { id: 'good', name: 'good', seconds: 0.12 },
      ],
      fewest_keystrokes: 60,
    } satisfies Schema['Savings'])
    return renderAt('/learn/savings', <SavingsView />)
  }

  it('are a sum with what it is from, and narrowed to an application', async () => {
    show()
    expect(await screen.findByText('6 min a week')).toBeTruthy()
    expect(screen.getByText(/2 commands without a chord are not in the sum/)).toBeTruthy()
    expect(screen.getAllByRole('row')).toHaveLength(4)
    await userEvent.click(screen.getByRole('button', { name: 'Faderloft, 2 min' }))
    const [, row] = screen.getAllByRole('row')
    expect(row?.textContent).toContain('3.95 s → 1.55 s')
    expect(row?.textContent).toContain('being learned')
  })

  it('say what they assume', async () => {
    show()
    await userEvent.click(await screen.findByText('What this assumes'))
    expect(await screen.findByText(/pointing with the mouse/)).toBeTruthy()
  })

  it('go by another typist when one says so', async () => {
    whenAsked('PUT /learn/speed', {})
    show()
    await userEvent.selectOptions(await screen.findByLabelText(/I type like/), 'good (0.12 s)')
    expect(askedFor('PUT /learn/speed')[0]?.body).toEqual({ typing_class: 'good' })
  })

  it('are measured by a typing test, which tells nothing of too few keystrokes', async () => {
    whenAsked('PUT /learn/speed', {})
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Measure it, one minute' }))
    await userEvent.type(screen.getByLabelText('Type the text above'), 'The last train')
    expect(screen.getByRole('button', { name: 'That is enough' }).hasAttribute('disabled')).toBe(true)
    await userEvent.type(screen.getByLabelText('Type the text above'), 'x'.repeat(60))
    await userEvent.click(screen.getByRole('button', { name: 'That is enough' }))
    expect(askedFor('PUT /learn/speed')[0]?.body).toMatchObject({ keystrokes: 74 })
  })

  it('without a log lead to bringing one', async () => {
    show(0)
    expect((await screen.findByRole('link', { name: 'Bring one' })).getAttribute('href')).toBe('/learn/usage')
  })
})

it('the weeks are told in a table for whoever does not see the bars', async () => {
  const weeks = [
    { monday: '2026-03-02', by_key: 10, by_mouse: 40, saved_seconds: 0 },
    { monday: '2026-03-09', by_key: 30, by_mouse: 20, saved_seconds: 75 },
  ]
  renderAt('/learn/pictures', <WeeksChart weeks={weeks} />)
  expect(screen.getByText(/^1 min 15 s saved so far/)).toBeTruthy()
  await userEvent.click(screen.getByText('As a table: 2 weeks'))
  const table = within(await screen.findByRole('table', { name: 'Week by week' }))
  expect(table.getAllByRole('row').map((row) => row.textContent)[2]).toBe('2026-03-0930201 min 15 s')
})

it('on paper stands what is being learned and can be pressed, by application and context', async () => {
  whenAsked('GET /learn/cards', { cards: [card(1), card(2, { chord: null }), card(3, { box: null }), card(4, { application: FADERLOFT })] })
  renderAt('/learn/paper', <PaperView />)
  const section = await screen.findByRole('region', { name: 'Cutloom, Timeline' })
  expect(within(section).getAllByRole('listitem')).toHaveLength(1)
  expect(screen.getByRole('region', { name: 'Faderloft, Timeline' }).textContent).toContain('Command 4')
  await userEvent.selectOptions(screen.getByLabelText(/^On/), 'stickers for key caps')
  expect(screen.getByRole('img', { name: 'Stickers for key caps' }).getAttribute('src')).toMatch(/^\/api\/learn\/sheets\/stickers\?/)
})
