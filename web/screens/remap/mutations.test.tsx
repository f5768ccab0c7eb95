import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { ChangeContext, type WantedChange } from '../../keymap/changes'
import { ProblemNote } from '../../parts/ProblemNote'
import { renderAt } from '../../tests/page'
import { problem, whenAsked } from '../../tests/server'
import { useSwapKeys } from './mutations'

const NOTHING = { settled: [], raised: [], relearning: [], raises_fault: false }
const SWAP = { one: 'Shift+KeyQ', other: 'KeyW', context: 'easel', onMade: () => undefined }

function Swapper() {
  const { swap, error, isNothing } = useSwapKeys('boardwick')
  return (
    <>
      <button type="button" onClick={() => swap(SWAP)}>
        swap
      </button>
      <ProblemNote error={error} />
      {isNothing && <p>nothing to swap</p>}
    </>
  )
}

function show() {
  const make = vi.fn<(wanted: WantedChange) => void>()
  whenAsked('GET /table', {
    layers: [{ id: 'Shift', caps: ['⇧'], spoken: 'Shift' }],
    board: { keys: [{ key: 'KeyQ', name: 'A' }] },
    applications: [],
  })
  renderAt(
    '/remap/boardwick',
    <ChangeContext value={{ make, goBack: vi.fn(), isMaking: false, notice: null }}>
      <Swapper />
    </ChangeContext>,
  )
  return make
}

const press = async () => userEvent.click(await screen.findByRole('button', { name: 'swap' }))

describe('swapping two keys', () => {
  it('is made as one change, called by what stands on the keys', async () => {
    const change = { removed: [], added: [{ chord: 'KeyW', command: 'pencil', context: 'easel', gesture: 'tap' }] }
    whenAsked('POST /applications/boardwick/bulk-edit', { change, consequences: NOTHING })
    const make = show()
    await press()
    await waitFor(() => {
      expect(make.mock.calls.map(([{ title }]) => title)).toEqual(['Swap ⇧ A and KeyW'])
    })
  })

  it('says so where neither of them runs anything', async () => {
    whenAsked('POST /applications/boardwick/bulk-edit', { change: { removed: [], added: [] }, consequences: NOTHING })
    const make = show()
    await press()
    expect(await screen.findByText('nothing to swap')).toBeTruthy()
    expect(make).not.toHaveBeenCalled()
  })

  it('that is refused says why', async () => {
    whenAsked('POST /applications/boardwick/bulk-edit', () =>
      problem(422, { detail: 'The key file cannot say it.', remedy: 'Take another key.' }),
    )
    show()
    await press()
    expect((await screen.findByRole('alert')).textContent).toContain('The key file cannot say it.')
  })
})
