import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { NewsScreen } from './NewsScreen'

const binding = (key: string, command: string): Schema['Binding'] => ({
  id: `timeline Key${key} tap ${command}`,
  chord: { id: `Key${key}`, label: key, caps: [key], spoken: key, aria: key },
  gesture: 'tap',
  command: { id: command, name: command, known: true },
  context: { id: 'timeline', name: 'Timeline' },
})

const NEWS: Schema['News'] = {
  preset: 'House standard',
  up_to: 4,
  number: 2,
  note: 'Split on G',
  author: 'suite keeper',
  applications: [
    {
      application: { id: 'cutloom', name: 'Cutloom' },
      keymap: 'Mine',
      version: 3,
      change: { removed: [], added: [binding('P', 'marker')] },
      questions: [
        {
          id: 'q1',
          kind: 'same-command',
          before: [binding('C', 'split')],
          ours: [binding('T', 'split')],
          theirs: [binding('G', 'split')],
          answers: ['ours', 'theirs'],
          answer: null,
        },
      ],
      consequences: { settled: [], raised: [], relearning: [], raises_fault: false },
    },
  ],
}

function show(news: Schema['News'] = NEWS) {
  whenAsked('GET /presets/1/news', news)
  renderAt('/presets/1/news', <NewsScreen />, {}, '/presets/:preset/news')
}

describe('what is new in a preset', () => {
  it('is taken in once each question has an answer, on the versions that were seen', async () => {
    whenAsked('POST /presets/1/news', { ...NEWS, applications: [] })
    show()
    const take = await screen.findByRole<HTMLButtonElement>('button', { name: 'Take it in' })
    expect(take.disabled).toBe(true)
    expect(screen.getByText('One question is open.')).toBeTruthy()
    await userEvent.click(screen.getByRole('radio', { name: /^House standard 2/ }))
    await userEvent.click(await screen.findByRole('button', { name: 'Take it in' }))
    expect(askedFor('POST /presets/1/news')[0]?.body).toEqual({ up_to: 4, answers: { q1: 'theirs' }, versions: { cutloom: 3 } })
    expect(await screen.findByText(/is in your keys/)).toBeTruthy()
  })

  it('says what only one side changed without asking', async () => {
    show()
    expect((await screen.findByText('marker')).closest('li')?.textContent).toContain('gets')
  })

  it('says that there is nothing more, and marks it as taken in where one wants', async () => {
    show({ ...NEWS, applications: [] })
    expect(await screen.findByText(/Your keys have all that is new in House standard 2/)).toBeTruthy()
  })

  it('that is stale says so, and nothing is lost', async () => {
    whenAsked('POST /presets/1/news', () => problem(409, { kind: 'stale-preset', detail: 'There is a newer one.', remedy: 'Look again.' }))
    show()
    await userEvent.click(await screen.findByRole('radio', { name: /^mine/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Take it in' }))
    expect((await screen.findByRole('alert')).textContent).toContain('There is a newer one.')
  })
})
