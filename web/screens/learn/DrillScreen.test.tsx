import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Schema } from '../../api/client'
import { ListeningProvider } from '../../listening/Listening'
import { renderAt } from '../../tests/page'
import { binding, chordOf, CUTLOOM } from '../../tests/samples'
import { askedFor, whenAsked } from '../../tests/server'
import { DrillScreen } from './DrillScreen'

const QUESTION: Schema['DrillQuestion'] = {
  id: '4',
  kind: 'command',
  text: 'Lift',
  application: CUTLOOM,
  context: { id: 'timeline', name: 'Timeline' },
  gesture: 'tap',
  tells_hold: false,
  picture: null,
  old_chord: null,
}

const DRILL: Schema['Drill'] = {
  id: '9',
  suite: null,
  seat: { system: 'linux', board: 'full-ansi', layout: 'us' },
  started_at: '2026-03-02T10:00:00Z',
  ends_at: '2026-03-02T10:05:00Z',
  seconds_left: 300,
  answered: 0,
  left: 2,
  cards: 0,
  missed: [],
  question: QUESTION,
  last: null,
}

const MISSED: Schema['DrillAnswer'] = {
  question: QUESTION,
  command: { id: 'lift', name: 'Lift', known: true },
  is_right: false,
  pressed: chordOf('KeyX'),
  right: binding('KeyD', 'lift', 'timeline'),
  ladder: {
    focus: { id: 'timeline', name: 'Timeline' },
    sentence: 'With the focus in Timeline, X runs Cross.',
    winner: binding('KeyX', 'cross', 'timeline'),
    rungs: [{ context: { id: 'timeline', name: 'Timeline' }, binding: binding('KeyX', 'cross', 'timeline'), verdict: 'wins', reason: '' }],
  },
  did: null,
  state: null,
}

function show(drill: Partial<Schema['Drill']> = {}) {
  whenAsked('GET /table', () => new Promise(() => undefined))
  whenAsked('GET /learn/drills/9', { ...DRILL, ...drill })
  return renderAt(
    '/learn/drills/9',
    <ListeningProvider>
      <DrillScreen />
    </ListeningProvider>,
    {},
    '/learn/drills/:drill',
  )
}

afterEach(() => {
  vi.useRealTimers()
})

describe('a drill', () => {
  it('listens by itself, and takes a press as the answer', async () => {
    whenAsked('POST /learn/drills/9/answers', { ...DRILL, answered: 1, last: MISSED })
    show()
    expect(await screen.findByText('Lift')).toBeTruthy()
    expect(await screen.findByText('Press it.', { exact: false })).toBeTruthy()
    await userEvent.keyboard('x')
    expect(await screen.findByText(/^Missed:/)).toBeTruthy()
    expect(askedFor('POST /learn/drills/9/answers')[0]?.body).toEqual({ question: '4', chord: 'KeyX', gesture: 'tap' })
    expect(screen.getByText('Who got what you pressed')).toBeTruthy()
  })

  it('can be answered with not knowing it', async () => {
    whenAsked('POST /learn/drills/9/answers', { ...DRILL, answered: 1 })
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'I do not know' }))
    expect(askedFor('POST /learn/drills/9/answers')[0]?.body).toEqual({ question: '4', chord: null, gesture: 'tap' })
  })

  it('asks a hold as a hold', async () => {
    show({ question: { ...QUESTION, gesture: 'hold', tells_hold: true } })
    expect(await screen.findByText(/; held down$/)).toBeTruthy()
  })

  it('names the old chord of what has moved', async () => {
    show({ question: { ...QUESTION, old_chord: chordOf('KeyB') } })
    expect((await screen.findByText(/^It was/)).textContent).toContain('KeyB')
  })

  it('asks the server again when its time is up', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    show({ seconds_left: 2 })
    await screen.findByText('Lift')
    whenAsked('GET /learn/drills/9', { ...DRILL, question: null, seconds_left: 0, answered: 1, cards: 1 })
    await act(() => vi.advanceTimersByTimeAsync(2_500))
    expect(await screen.findByText('1 card asked, none missed.')).toBeTruthy()
    expect(askedFor('GET /learn/drills/9').length).toBe(2)
  })

  it('for a suite ends without a word of boxes, which it does not touch', async () => {
    show({ question: null, cards: 3, suite: { id: 'bittern', name: 'Bittern' }, missed: [{ id: 'lift', name: 'Lift' }] })
    expect(await screen.findByText('Look at these once more: Lift.')).toBeTruthy()
    expect(screen.queryByText(/first box/)).toBeNull()
  })

  it('ends with what was missed', async () => {
    show({ question: null, cards: 3, answered: 4, missed: [{ id: 'lift', name: 'Lift' }] })
    expect(await screen.findByText('3 cards asked, 1 missed at first.')).toBeTruthy()
    expect(screen.getByText('Back in the first box, and due again in half a day: Lift.')).toBeTruthy()
  })
})
