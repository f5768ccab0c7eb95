import { fireEvent, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { renderAt } from '../../tests/page'
import { askedFor, whenAsked } from '../../tests/server'
import { SUITE } from '../../tests/suites'
import { endOf, SitDown } from './SitDown'
import { SittingNote } from './SittingNote'

const PREVIEW: Schema['SittingPreview'] = {
  suite: { id: 'avocet', name: 'Avocet' },
  taken_by: null,
  may_sit_down: true,
  applications: [
    {
      application: { id: 'cutloom', name: 'Cutloom' },
      keymap: 'Mine',
      replaced: ['Split: T in place of 5'],
      lost_to_fixed: ['Lift loses J, which the house has fixed'],
      problems: [],
    },
    { application: { id: 'easeframe', name: 'Easeframe' }, keymap: null, replaced: [], lost_to_fixed: [], problems: [] },
  ],
}

function show(preview: Partial<Schema['SittingPreview']> = {}) {
  whenAsked('GET /suites', { suites: [SUITE] })
  whenAsked('GET /suites/avocet/sitting', { ...PREVIEW, ...preview })
  renderAt('/find', <SitDown suite="avocet" onClose={() => undefined} />)
}

describe('until when', () => {
  const NOON = new Date(2026, 2, 2, 12)

  it('is open, an hour, the evening or an hour that is said', () => {
    expect(endOf('leave', '', NOON)).toBeNull()
    expect(endOf('hour', '', NOON)).toBe(new Date(2026, 2, 2, 13).toISOString())
    expect(endOf('evening', '', NOON)).toBe(new Date(2026, 2, 2, 19).toISOString())
    expect(endOf('at', '2026-03-02T15:30', NOON)).toBe(new Date(2026, 2, 2, 15, 30).toISOString())
    expect(endOf('at', '', NOON)).toBeNull()
  })

  it('is tomorrow evening when this one is over', () => {
    expect(endOf('evening', '', new Date(2026, 2, 2, 20))).toBe(new Date(2026, 2, 3, 19).toISOString())
  })
})

describe('sitting down', () => {
  it('tells before what works, what is replaced and what the house keeps', async () => {
    whenAsked('PUT /suites/avocet/sitting', { sittings: [], offers: [] })
    show()
    expect(await screen.findByText('The house keeps: Lift loses J, which the house has fixed')).toBeTruthy()
    expect(screen.getByText('1 chord replaced for the keyboard there')).toBeTruthy()
    expect(screen.getByText(/what the suite has stays/)).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Sit down here' }))
    expect(askedFor('PUT /suites/avocet/sitting')[0]?.body).toEqual({ until: null, take_over: false, accept: [], tells_usage: false })
  })

  it('ends at another hour once that is said', async () => {
    whenAsked('PUT /suites/avocet/sitting', { sittings: [], offers: [] })
    show()
    await userEvent.click(await screen.findByRole('radio', { name: 'until another hour' }))
    const sit = screen.getByRole<HTMLButtonElement>('button', { name: 'Sit down here' })
    expect(sit.disabled).toBe(true)
    fireEvent.change(screen.getByLabelText('Hour'), { target: { value: '2030-03-02T15:30' } })
    await userEvent.click(sit)
    expect(askedFor('PUT /suites/avocet/sitting')[0]?.body).toMatchObject({ until: new Date(2030, 2, 2, 15, 30).toISOString() })
  })

  it('takes over from somebody only by saying their name', async () => {
    whenAsked('PUT /suites/avocet/sitting', { sittings: [], offers: [] })
    show({ taken_by: 'sound editor' })
    await userEvent.click(await screen.findByRole('button', { name: 'Take over from sound editor' }))
    expect(askedFor('PUT /suites/avocet/sitting')[0]?.body).toMatchObject({ take_over: true })
  })

  it('is not for a role that may not', async () => {
    show({ may_sit_down: false })
    expect((await screen.findByRole<HTMLButtonElement>('button', { name: 'Sit down here' })).disabled).toBe(true)
  })
})

describe('the note on every screen', () => {
  it('says where one sits with the way out, and what one changed by hand', async () => {
    whenAsked('GET /session', { person: { id: 1, name: 'x', role: 'editor', keeps_suites: false, may_sit_down: true }, most_file_bytes: 8 })
    whenAsked('GET /sittings', {
      sittings: [{ id: 3, tells_usage: false, suite: { id: 'avocet', name: 'Avocet' }, since: '2026-03-02T10:00:00Z', until: null }],
      offers: [{ sitting: 5, suite: { id: 'avocet', name: 'Avocet' }, application: { id: 'cutloom', name: 'Cutloom' }, is_open: true }],
    })
    whenAsked('DELETE /suites/avocet/sitting', { sittings: [], offers: [] })
    renderAt('/find', <SittingNote />)
    expect((await screen.findByRole('link', { name: 'take it along?' })).getAttribute('href')).toBe('/sittings/5/cutloom')
    await userEvent.click(screen.getByRole('button', { name: /^Leave/ }))
    expect(askedFor('DELETE /suites/avocet/sitting')).toHaveLength(1)
    expect(screen.queryByRole('button', { name: 'Sit down …' })).toBeNull()
  })
})
