import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { binding, CUTLOOM } from '../../tests/samples'
import { askedFor, whenAsked } from '../../tests/server'
import { TodayView } from './TodayView'

const saving = (command: string, kind: Schema['Saving']['kind'] = 'by-mouse'): Schema['Saving'] => ({
  application: CUTLOOM,
  command: { id: command, name: command, known: true },
  kind,
  binding: binding('KeyD', command, 'timeline'),
  uses: 50,
  before: { operators: 'M 2P 2K', seconds: 3.95 },
  after: { operators: 'M K', seconds: 1.55 },
  seconds_a_week: 120,
})

const lesson = (command: string, kind?: Schema['Saving']['kind']): Schema['Lesson'] => ({
  savings: [saving(command, kind)],
  seconds_a_week: 120,
  ease: 1.25,
  reasons: ['near the left hand'],
  goes_with: null,
})

const LEARN: Schema['Learn'] = {
  line: '1 learned, 3 on the way, 2 due, 5 min saved so far.',
  next: 'practise',
  learning: 3,
  learned: 1,
  due: 2,
  next_due: null,
  boxes: [1, 2, 3, 4, 5].map((box) => ({ box, days: box, cards: box === 1 ? 3 : 0 })),
  saved_seconds: 300,
  different: 0,
  has_usage: true,
  lessons: [lesson('lift'), lesson('mark', 'hard-chord')],
  misleading: [lesson('drop')],
}

function show(more: Partial<Schema['Learn']> = {}) {
  whenAsked('GET /suites', { suites: [] })
  whenAsked('GET /learn', { ...LEARN, ...more })
  return renderAt('/learn', <TodayView />, { '/learn/drills/9': <p>drilled</p> })
}

describe('a learner’s own place', () => {
  it('says in one line how far one is, and what lies in each box', async () => {
    show()
    expect(await screen.findByText('1 learned, 3 on the way, 2 due, 5 min saved so far.')).toBeTruthy()
    const boxes = within(screen.getByRole('list', { name: 'Card box' })).getAllByRole('listitem')
    expect(boxes.map((one) => one.textContent)[0]).toBe('Box 1: 3 cards, 1 day')
    expect(boxes).toHaveLength(6)
  })

  it('leads to the cards that are due', async () => {
    whenAsked('POST /learn/drills', { id: '9' })
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Practise 2 cards, five minutes at most' }))
    expect(await screen.findByText('drilled')).toBeTruthy()
    expect(askedFor('POST /learn/drills')[0]?.body).toEqual({ of: 'due' })
  })

  it('begins to learn what is there, and leads to giving what is not', async () => {
    whenAsked('POST /learn/cards', { cards: [] })
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'Learn it lift' }))
    expect(askedFor('POST /learn/cards')[0]?.body).toEqual({
      cards: [{ application: 'cutloom', command: 'lift', context: 'timeline', gesture: 'tap' }],
    })
    const give = screen.getByRole('link', { name: 'Give it this chord mark' })
    expect(give.getAttribute('href')).toBe('/remap/cutloom?command=mark&context=timeline&chord=KeyD')
  })

  it('says what was left out because it misleads', async () => {
    show()
    expect(await screen.findByText(/Left out, because the chord does something else where you work too: 1/)).toBeTruthy()
  })

  it('without a log says where one comes from', async () => {
    show({ has_usage: false, lessons: [], misleading: [], learning: 0, learned: 0, due: 0, next: 'bring-log', line: 'Nothing yet.' })
    expect(await screen.findByText('Nothing is known yet of what you do by mouse.')).toBeTruthy()
    expect(screen.queryByRole('list', { name: 'Card box' })).toBeNull()
  })

  it('offers to practise ahead where nothing is due', async () => {
    whenAsked('POST /learn/drills', { id: '9' })
    show({ next: 'rest', due: 0, next_due: '2026-03-04T10:00:00Z' })
    await userEvent.click(await screen.findByRole('button', { name: 'Practise ahead' }))
    expect(askedFor('POST /learn/drills')[0]?.body).toEqual({ of: 'ahead' })
  })

  it('shows first what is different now', async () => {
    whenAsked('GET /learn/differences', {
      since: '2026-03-02T10:00:00Z',
      moved: [
        { application: CUTLOOM, old: binding('KeyD', 'lift', 'timeline'), now: null, instead: { id: 'drop', name: 'drop', known: true } },
      ],
    })
    show({ different: 1, next: 'relearn' })
    expect(await screen.findByText('1 chord has moved: see below.', { exact: false })).toBeTruthy()
    const row = await screen.findByRole('row', { name: /lift/ })
    expect(row.textContent).toContain('runs drop')
    // What has no chord any more cannot be drilled.
    expect(screen.getByRole('button', { name: 'Drill these' }).hasAttribute('disabled')).toBe(true)
  })
})
