import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { BROUGHT } from '../../tests/applications'
import { renderAt } from '../../tests/page'
import { askedFor, whenAsked } from '../../tests/server'
import { UsageLogPart } from './UsageLogPart'

const WINDOW = { from: 1, command: '', command_from: 0 }

const SAMPLE = { columns: ['When', 'Did', 'Via'], rows: [['2026-03-02', 'undo', 'kbd']], problem: null, read: null }

it('columns are pointed at in a log, and told once it can be read', async () => {
  const path = `/house-applications/${BROUGHT.id}`
  whenAsked(`POST ${path}/usage-log-previews`, SAMPLE)
  whenAsked(`PATCH ${path}`, BROUGHT)
  renderAt('/house-applications/1', <UsageLogPart brought={BROUGHT} window={WINDOW} />)
  const done = screen.getByRole('button', { name: 'Read its logs so' })
  expect(done.hasAttribute('disabled')).toBe(true)
  await userEvent.upload(screen.getByLabelText(/A log of it/), new File(['When,Did,Via\n'], 'log.csv', { type: 'text/csv' }))
  expect(within(await screen.findByRole('table')).getByText('kbd')).toBeTruthy()
  await userEvent.selectOptions(screen.getByLabelText('The day'), 'When')
  await userEvent.selectOptions(screen.getByLabelText('The command'), 'Did')
  await userEvent.selectOptions(screen.getByLabelText('A line is'), 'one use')
  await userEvent.selectOptions(screen.getByLabelText('The hand'), 'Via')
  await userEvent.type(screen.getByLabelText(/by key/), 'kbd, key')
  expect(done.hasAttribute('disabled')).toBe(true)
  await userEvent.type(screen.getByLabelText(/by mouse/), 'menu')
  await userEvent.click(done)
  expect(askedFor(`PATCH ${path}`)[0]?.body).toMatchObject({
    usage_log: { day: 'When', command: 'Did', hand: { column: 'Via', key: ['kbd', 'key'], mouse: ['menu'] } },
  })
})

it('a log that cannot be read so is told why, and is not taken', async () => {
  whenAsked(`POST /house-applications/${BROUGHT.id}/usage-log-previews`, { ...SAMPLE, problem: 'Line 2: "undo" is no day.' })
  const brought = { ...BROUGHT, usage_log: { day: 'Did', command: 'Did', key: 'Via' } }
  renderAt('/house-applications/1', <UsageLogPart brought={brought} window={WINDOW} />)
  await userEvent.upload(screen.getByLabelText(/A log of it/), new File(['When,Did,Via\n'], 'log.csv', { type: 'text/csv' }))
  expect((await screen.findByRole('alert')).textContent).toContain('is no day')
  expect(screen.getByRole('button', { name: 'Read its logs so' }).hasAttribute('disabled')).toBe(true)
})
