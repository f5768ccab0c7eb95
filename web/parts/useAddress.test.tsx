import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../tests/page'
import { useAddress, withValues } from './useAddress'

function View() {
  const [read, write] = useAddress()
  return (
    <>
      <p>context: {read('context')}</p>
      <button type="button" onClick={() => write({ context: 'trim' })}>
        trim
      </button>
      <button type="button" onClick={() => write({ context: '' })}>
        any
      </button>
      <button type="button" onClick={() => write({ context: 'bin' }, { replace: true })}>
        passing
      </button>
      <button type="button" onClick={() => write({ context: 'trim', chord: 'KeyV' })}>
        both
      </button>
    </>
  )
}

const click = (name: string) => userEvent.click(screen.getByRole('button', { name }))

describe('state in the address', () => {
  it('is read from a link', () => {
    renderAt('/find?context=trim', <View />)
    expect(screen.getByText('context: trim')).toBeTruthy()
  })

  it('is an entry that one can go back from', async () => {
    const { router, address } = renderAt('/find', <View />)
    await click('trim')
    expect(address()).toBe('/find?context=trim')
    await act(() => router.navigate(-1))
    expect(address()).toBe('/find')
    expect(screen.getByText('context:')).toBeTruthy()
  })

  it('leaves the address where it is empty, and what else stands there alone', async () => {
    const { address } = renderAt('/find?words=lift&context=bin', <View />)
    await click('any')
    expect(address()).toBe('/find?words=lift')
  })

  it('makes no entry for what is shown already', async () => {
    const { router, address } = renderAt('/find', <View />)
    await click('trim')
    await click('trim')
    await act(() => router.navigate(-1))
    expect(address()).toBe('/find')
  })

  it('makes no entry of its own for a step on the way', async () => {
    const { router, address } = renderAt('/find', <View />)
    await click('trim')
    await click('passing')
    expect(address()).toBe('/find?context=bin')
    await act(() => router.navigate(-1))
    expect(address()).toBe('/find')
  })

  it('that changes in one go is gone back from in one', async () => {
    const { router, address } = renderAt('/find?words=lift', <View />)
    await click('both')
    expect(address()).toBe('/find?words=lift&context=trim&chord=KeyV')
    await act(() => router.navigate(-1))
    expect(address()).toBe('/find?words=lift')
  })

  it('does not change the parameters it begins with', () => {
    const before = new URLSearchParams('a=1')
    expect(withValues(before, { a: '', b: '2' }).toString()).toBe('b=2')
    expect(before.toString()).toBe('a=1')
  })
})
