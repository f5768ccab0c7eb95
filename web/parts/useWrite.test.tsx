import { act, screen, waitFor } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { later } from '../tests/later'
import { renderAt } from '../tests/page'
import { useWrite } from './useWrite'

interface Props {
  write: (value: string) => Promise<string>
  onDone?: (output: string) => void
}

function Form({ write, onDone }: Props) {
  const { send, isSending, error } = useWrite(write, { forgets: [['suites']], ...(onDone === undefined ? {} : { onDone }) })
  return (
    <>
      <button type="button" disabled={isSending} onClick={() => send('release 1')}>
        Hand over
      </button>
      {error !== null && <p role="alert">{error.message}</p>}
    </>
  )
}

const button = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Hand over' })

describe('a write', () => {
  it('is sent once for a double click', async () => {
    const answer = later<string>()
    const write = vi.fn(() => answer.promise)
    const onDone = vi.fn()
    renderAt('/suites', <Form write={write} onDone={onDone} />)
    act(() => {
      button().click()
      button().click()
    })
    answer.come('done')
    await waitFor(() => {
      expect(onDone).toHaveBeenCalled()
    })
    expect(write).toHaveBeenCalledTimes(1)
  })

  it('says that it is on its way, and can be made again when it has arrived', async () => {
    const answer = later<string>()
    const write = vi.fn(() => answer.promise)
    const onDone = vi.fn()
    renderAt('/suites', <Form write={write} onDone={onDone} />)
    act(() => {
      button().click()
    })
    await waitFor(() => {
      expect(button().disabled).toBe(true)
    })
    answer.come('in step')
    await waitFor(() => {
      expect(button().disabled).toBe(false)
    })
    expect(onDone.mock.calls).toEqual([['in step']])
    act(() => {
      button().click()
    })
    await waitFor(() => {
      expect(write).toHaveBeenCalledTimes(2)
    })
  })

  it('tells what was refused, and forgets it with the next try', async () => {
    const write = vi
      .fn<(value: string) => Promise<string>>()
      .mockRejectedValueOnce(new Error('The suite is locked.'))
      .mockResolvedValueOnce('done')
    renderAt('/suites', <Form write={write} />)
    act(() => {
      button().click()
    })
    expect((await screen.findByRole('alert')).textContent).toBe('The suite is locked.')
    act(() => {
      button().click()
    })
    await waitFor(() => {
      expect(screen.queryByRole('alert')).toBeNull()
    })
  })

  it.each([
    ['done', () => Promise.resolve('done')],
    ['refused', () => Promise.reject(new Error('no'))],
  ])('makes the page ask again for what it changes when it was %s', async (_, write) => {
    const { client } = renderAt('/suites', <Form write={write} />)
    client.setQueryData(['suites'], { suites: [] })
    act(() => {
      button().click()
    })
    await waitFor(() => {
      expect(client.getQueryState(['suites'])?.isInvalidated).toBe(true)
    })
  })
})
