import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../tests/page'
import { useAddressText } from './useAddressText'

function Search({ isTyped = true }: { isTyped?: boolean }) {
  const words = useAddressText('words', isTyped)
  return (
    <>
      <input aria-label="words" value={words.text} onChange={(event) => words.set(event.target.value)} />
      <button type="button" onClick={() => words.set('trim')}>
        trim
      </button>
    </>
  )
}

const field = () => screen.getByLabelText<HTMLInputElement>('words')

describe('text in the address', () => {
  it('is shown from a link', () => {
    renderAt('/find?words=fade', <Search />)
    expect(field().value).toBe('fade')
  })

  it('is one entry of the history, however many letters were typed', async () => {
    const { router, address } = renderAt('/find', <Search />)
    await userEvent.type(field(), 'lift')
    expect(address()).toBe('/find?words=lift')
    await act(() => router.navigate(-1))
    expect(address()).toBe('/find')
    expect(field().value).toBe('')
  })

  it('comes back whole when one goes forward again', async () => {
    const { router } = renderAt('/find', <Search />)
    await userEvent.type(field(), 'lift')
    await act(() => router.navigate(-1))
    await act(() => router.navigate(1))
    expect(field().value).toBe('lift')
  })

  it('that is emptied is an entry, so that Back brings the search again', async () => {
    const { router } = renderAt('/find?words=fade', <Search />)
    await userEvent.clear(field())
    expect(field().value).toBe('')
    await act(() => router.navigate(-1))
    expect(field().value).toBe('fade')
  })

  it('that is chosen and not typed makes an entry each time', async () => {
    const { router } = renderAt('/find?words=fade', <Search isTyped={false} />)
    await userEvent.click(screen.getByRole('button', { name: 'trim' }))
    expect(field().value).toBe('trim')
    await act(() => router.navigate(-1))
    expect(field().value).toBe('fade')
  })

  it('follows a link to the same screen with other words', async () => {
    const { router } = renderAt('/find?words=fade', <Search />)
    await act(() => router.navigate('/find?words=split'))
    expect(field().value).toBe('split')
  })
})
