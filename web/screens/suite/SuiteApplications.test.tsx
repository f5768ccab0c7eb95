import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { renderAt } from '../../tests/page'
import { APPLICATIONS } from '../../tests/samples'
import { askedFor, problem, whenAsked } from '../../tests/server'
import { SUITE } from '../../tests/suites'
import { SuiteApplications } from './SuiteApplications'

it('says which applications a suite has, and tells a refusal', async () => {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('PATCH /suites/avocet', () => problem(422, { detail: 'Choose applications from the list.' }))
  renderAt('/suites/avocet', <SuiteApplications suite={SUITE} />)
  await userEvent.click(screen.getByText('Which applications it has'))
  await userEvent.click(await screen.findByLabelText('Faderloft'))
  await userEvent.click(screen.getByRole('button', { name: 'It has these' }))
  await waitFor(() =>
    expect(askedFor('PATCH /suites/avocet').map(({ body }) => body)).toEqual([{ applications: ['cutloom', 'faderloft'] }]),
  )
  expect(await screen.findByText(/Choose applications from the list/)).toBeTruthy()
})
