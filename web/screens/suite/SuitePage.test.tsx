import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { APPLICATIONS } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { FILE, PRESET, SUITE, SUITE_PAGE } from '../../tests/suites'
import { SuitePage } from './SuitePage'

function show(page: Partial<Schema['SuitePage']> = {}) {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /presets', { presets: [PRESET], unsaved_applications: [], people: [] })
  whenAsked('GET /suites/avocet', { ...SUITE_PAGE, ...page })
  renderAt('/suites/avocet', <SuitePage />, { '/applications/cutloom/key-files/9': <p>elsewhere</p> }, '/suites/:suite')
}

describe('a suite', () => {
  it('tells its story: who, what, why', async () => {
    show()
    const story = within(await screen.findByRole('region', { name: 'What happened here' }))
    expect(story.getByRole('listitem').textContent).toContain('Gets House standard 2')
    expect(story.getByText('the new cuts')).toBeTruthy()
    expect(story.getByText('suite keeper')).toBeTruthy()
  })

  it('leads from a file changed by hand to what is different, and takes it into my keys', async () => {
    whenAsked('POST /suites/avocet/imports', { id: 9, application: { id: 'cutloom', name: 'Cutloom' } })
    show({ suite: { ...SUITE, files: [{ ...FILE, standing: 'changed-by-hand', is_settled: false, needs_somebody: true }] } })
    expect((await screen.findByRole('link', { name: /^look, and decide/ })).getAttribute('href')).toBe('/suites/avocet/files/cutloom')
    await userEvent.click(screen.getByRole('button', { name: /^take it into my keys/ }))
    expect(await screen.findByText('elsewhere')).toBeTruthy()
  })

  it('says what an application says that does not take its file', async () => {
    show({ suite: { ...SUITE, files: [{ ...FILE, is_loaded: false, says: 'Lines 3 and 9 have the same chord.' }] } })
    expect(await screen.findByText(/does not take this file: Lines 3 and 9/)).toBeTruthy()
  })

  it('says of a second agent with its token that there was one', async () => {
    show({ suite: { ...SUITE, second_agent_at: '2026-03-02T10:00:00Z' } })
    expect((await screen.findByRole('alert')).textContent).toContain('Another agent came with the token of Avocet')
  })

  it('follows another release once what is wrong is accepted', async () => {
    const wrong = [{ id: 'p1', kind: 'no-file', application: 'easeframe', sentence: 'Nothing is given for Easeframe.' }]
    whenAsked('PUT /suites/avocet/following', () => problem(422, { kind: 'not-accepted', detail: 'One thing is wrong.', problems: wrong }))
    show()
    await userEvent.selectOptions(await screen.findByLabelText('What Avocet should follow'), 'House standard, always the newest')
    await userEvent.click(screen.getByRole('button', { name: 'Follow it' }))
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Nothing is given for Easeframe.' }))
    await userEvent.type(screen.getByLabelText('Why it goes out all the same'), 'in spring')
    await userEvent.click(screen.getByRole('button', { name: 'Follow it' }))
    expect(askedFor('PUT /suites/avocet/following')[1]?.body).toEqual({ preset: 1, release: null, accept: ['p1'], reason: 'in spring' })
  })

  it('puts a copy back by its digest, naming the file that is there', async () => {
    whenAsked('POST /suites/avocet/files/cutloom', SUITE)
    const copy = { application: 'cutloom', sha256: 'c'.repeat(64), taken_at: '2026-03-02T10:00:00Z', bytes: 3000, may_put_back: true }
    show({ copies: [copy] })
    await userEvent.click(await screen.findByText('1 copy of overwritten files'))
    await userEvent.click(screen.getByRole('button', { name: /^put it back/ }))
    expect(askedFor('POST /suites/avocet/files/cutloom')[0]?.body).toEqual({ way: 'put-back', sha256: FILE.sha256, copy: copy.sha256 })
  })

  it('is freed by the keeper, and left by whoever sits there', async () => {
    whenAsked('DELETE /suites/avocet/sitting', { sittings: [], offers: [] })
    const sitting = { person: 'sound editor', is_me: false, since: '2026-03-02T10:00:00Z', until: null }
    show({ suite: { ...SUITE, sitting }, may_leave: true })
    await userEvent.click(await screen.findByRole('button', { name: 'Free the suite' }))
    expect(askedFor('DELETE /suites/avocet/sitting')).toHaveLength(1)
  })
})
