import { useQuery } from '@tanstack/react-query'
import { act, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { renderAt } from '../tests/page'
import { Asking } from './Asking'
import { AskedSelect } from './AskedSelect'
import { Empty } from './Empty'

interface Release {
  id: string
  name: string
}

function Releases({ ask }: { ask: () => Promise<Release[]> }) {
  const releases = useQuery({ queryKey: ['releases'], queryFn: ask })
  return (
    <Asking of={releases}>
      {(all) => (all.length === 0 ? <Empty>Nothing is saved to bring to suites yet.</Empty> : <p>{all.map(({ name }) => name).join()}</p>)}
    </Asking>
  )
}

function Choice({ ask, none }: { ask: () => Promise<Release[]>; none?: string }) {
  const releases = useQuery({ queryKey: ['releases'], queryFn: ask })
  return (
    <AskedSelect
      of={releases}
      options={(all) => all}
      value="2"
      label="Release"
      onChoose={() => undefined}
      {...(none === undefined ? {} : { none })}
    />
  )
}

const NEVER = () => new Promise<Release[]>(() => undefined)
const RELEASES = [
  { id: '1', name: 'Home keys 1' },
  { id: '2', name: 'Home keys 2' },
]

describe('a question to the server', () => {
  it('looks like waiting while it waits, and not like empty', () => {
    renderAt('/suites', <Releases ask={NEVER} />)
    expect(screen.getByRole('status').textContent).toBe('One moment …')
    expect(screen.queryByText(/Nothing is saved/)).toBeNull()
  })

  it('looks like empty when the answer is empty', async () => {
    renderAt('/suites', <Releases ask={() => Promise.resolve([])} />)
    expect(await screen.findByText('Nothing is saved to bring to suites yet.')).toBeTruthy()
  })

  it('looks like a failure when it was refused, and can be asked again', async () => {
    const ask = vi
      .fn<() => Promise<Release[]>>()
      .mockRejectedValueOnce(new Error('The server does not answer.'))
      .mockResolvedValueOnce(RELEASES)
    renderAt('/suites', <Releases ask={ask} />)
    expect((await screen.findByRole('alert')).textContent).toContain('The server does not answer.')
    expect(screen.queryByText(/Nothing is saved/)).toBeNull()
    act(() => {
      screen.getByRole('button', { name: 'Try again' }).click()
    })
    expect(await screen.findByText('Home keys 1,Home keys 2')).toBeTruthy()
  })
})

describe('a list that comes from the server', () => {
  it('cannot be chosen from before it came, and keeps what is chosen', () => {
    renderAt('/suites', <Choice ask={NEVER} />)
    const list = screen.getByLabelText<HTMLSelectElement>('Release')
    expect(list.disabled).toBe(true)
    expect([list.value, list.selectedOptions[0]?.textContent]).toEqual(['2', 'one moment …'])
  })

  it('has what came, and the choice of none only where that is one', async () => {
    renderAt('/suites', <Choice ask={() => Promise.resolve(RELEASES)} />)
    await screen.findByRole('option', { name: 'Home keys 2', selected: true })
    expect(screen.getAllByRole('option')).toHaveLength(2)
  })

  it('names the choice of none', async () => {
    renderAt('/suites', <Choice ask={() => Promise.resolve(RELEASES)} none="all releases" />)
    expect(await screen.findByRole('option', { name: 'all releases' })).toBeTruthy()
  })

  it('says that it did not come, and is asked for again', async () => {
    const ask = vi.fn<() => Promise<Release[]>>().mockRejectedValueOnce(new Error('no')).mockResolvedValueOnce(RELEASES)
    renderAt('/suites', <Choice ask={ask} />)
    const again = await screen.findByRole('button', { name: /did not come/ })
    act(() => {
      again.click()
    })
    expect(await screen.findByRole('option', { name: 'Home keys 1' })).toBeTruthy()
  })
})
