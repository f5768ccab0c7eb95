import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { FILE, PRESET, SUITE } from '../../tests/suites'
import { SuitesScreen } from './SuitesScreen'

const PERSON = { id: 1, name: 'suite keeper', role: 'suite-keeper', keeps_suites: true, may_sit_down: true }
const BY_HAND: Schema['SuiteFile'] = { ...FILE, standing: 'changed-by-hand', is_settled: false, needs_somebody: true }
const DUNLIN: Schema['Suite'] = { ...SUITE, id: 'dunlin', name: 'Dunlin', files: [BY_HAND] }
const LONE: Schema['Suite'] = {
  ...SUITE,
  id: 'curlew',
  name: 'Curlew',
  follows: null,
  is_online: false,
  files: [{ ...FILE, standing: 'no-file' }],
}

const PROBLEM: Schema['ReleaseProblem'] = {
  id: 'p1',
  kind: 'no-file',
  application: 'easeframe',
  sentence: 'Nothing is given for Easeframe.',
}
const DRY_RUN: Schema['DryRun'] = {
  problems: [PROBLEM],
  suites: [
    {
      suite: { id: 'dunlin', name: 'Dunlin' },
      is_online: true,
      sits: null,
      applications: [
        {
          application: FILE.application,
          now: null,
          becomes: 'by-hand',
          sha256: 'b'.repeat(64),
          replaced: ['Split: T in place of 5'],
          problems: [],
        },
      ],
    },
  ],
}

const ROLLOUT: Schema['Rollout'] = {
  id: 9,
  release: { preset: 'House standard', number: 2, release: 4 },
  by: 'suite keeper',
  state: 'stopped',
  when: 'now',
  begins_at: null,
  created_at: '2026-03-02T10:00:00Z',
  reason: null,
  suites: [
    { suite: { id: 'avocet', name: 'Avocet' }, step: 'done', fault: null, is_first: true },
    { suite: { id: 'dunlin', name: 'Dunlin' }, step: 'faulty', fault: 'Cutloom: the folder is read-only.', is_first: false },
  ],
  may_keep: true,
}

function show(suites: Schema['Suite'][] = [SUITE, DUNLIN, LONE], rollouts: Schema['Rollout'][] = [], keeps = true) {
  whenAsked('GET /session', { person: { ...PERSON, keeps_suites: keeps }, most_file_bytes: 8 })
  whenAsked('GET /suites', { suites })
  whenAsked('GET /rollouts', { rollouts })
  whenAsked('GET /presets', { presets: [PRESET], unsaved_applications: [], people: [] })
  whenAsked('POST /dry-runs', DRY_RUN)
  renderAt('/suites', <SuitesScreen />)
}

describe('the house in one view', () => {
  it('groups suites by what they follow, those that follow nothing last', async () => {
    show([LONE, SUITE, DUNLIN])
    const first = await screen.findByRole('region', { name: 'House standard 2' })
    const last = screen.getByRole('region', { name: 'Follow nothing' })
    expect(first.compareDocumentPosition(last)).toBe(Node.DOCUMENT_POSITION_FOLLOWING)
    expect(within(first).getAllByRole('checkbox')).toHaveLength(2)
  })

  it('is narrowed to what needs somebody, and by name', async () => {
    show()
    await userEvent.click(await screen.findByRole('button', { name: 'need somebody 1' }))
    expect(screen.getAllByRole('checkbox').map((box) => box.getAttribute('aria-label'))).toEqual(['Choose Dunlin'])
    await userEvent.click(screen.getByRole('button', { name: /^all/ }))
    await userEvent.type(screen.getByRole('searchbox'), 'cur')
    expect(screen.getAllByRole('checkbox').map((box) => box.getAttribute('aria-label'))).toEqual(['Choose Curlew'])
    await userEvent.type(screen.getByRole('searchbox'), 'zzz')
    expect(screen.getByText(/No suite is so/)).toBeTruthy()
  })

  it('is said to be empty where there is no suite yet', async () => {
    show([])
    expect(await screen.findByText(/No suite is known yet/)).toBeTruthy()
  })
})

describe('rolling out', () => {
  it('shows what would change where, and needs a yes to what is wrong before it goes', async () => {
    whenAsked('POST /rollouts', ROLLOUT)
    show()
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose Dunlin' }))
    const table = await screen.findByRole('table', { name: 'What would change where' })
    expect(table.textContent).toContain('changed by hand: it stays, and stops the rollout')
    const go = screen.getByRole<HTMLButtonElement>('button', { name: 'Roll it out' })
    expect(go.disabled).toBe(true)
    await userEvent.click(screen.getByRole('checkbox', { name: PROBLEM.sentence }))
    await userEvent.type(screen.getByLabelText('Why it goes out all the same'), 'in spring')
    await userEvent.click(screen.getByRole('button', { name: 'replace it, keeping a copy' }))
    await userEvent.click(go)
    expect(askedFor('POST /rollouts')[0]?.body).toEqual({
      release: 4,
      suites: ['dunlin'],
      first: null,
      when: 'now',
      at: null,
      overwrite: { dunlin: { cutloom: 'b'.repeat(64) } },
      accept: ['p1'],
      reason: 'in spring',
    })
  })

  it('is a proposal for whoever does not keep the suites', async () => {
    show([DUNLIN], [], false)
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose Dunlin' }))
    expect(await screen.findByRole('button', { name: 'Propose it' })).toBeTruthy()
  })

  it('tells where it stopped and why, and goes on or back in one action', async () => {
    whenAsked('POST /rollouts/9/go-on', ROLLOUT)
    show([SUITE], [ROLLOUT])
    const rollout = within(await screen.findByRole('article', { name: 'Rollout of House standard 2' }))
    expect(rollout.getByText('Cutloom: the folder is read-only.')).toBeTruthy()
    await userEvent.click(rollout.getByRole('button', { name: 'Go on' }))
    expect(askedFor('POST /rollouts/9/go-on')).toHaveLength(1)
    expect(rollout.getByRole('button', { name: 'Go back' })).toBeTruthy()
  })

  it('that cannot be turned says why', async () => {
    whenAsked('POST /rollouts/9/go-on', () => problem(409, { detail: 'Somebody was faster.', remedy: 'Look again.' }))
    show([SUITE], [ROLLOUT])
    await userEvent.click(await screen.findByRole('button', { name: 'Go on' }))
    expect((await screen.findByRole('alert')).textContent).toContain('Somebody was faster.')
  })
})
