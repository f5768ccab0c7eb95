import { act, fireEvent, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../tests/page'
import { ScreenHead, ScreenHeading } from './ScreenHead'
import { useAddress } from './useAddress'

function Find() {
  const [read, write] = useAddress()
  return (
    <>
      <ScreenHeading isHidden>Find</ScreenHeading>
      <button type="button" onClick={() => write({ words: 'lift' })}>
        lift {read('words')}
      </button>
    </>
  )
}

const heading = () => screen.getByRole('heading', { level: 1 })

describe('the name of a screen', () => {
  it('takes the focus when one comes from another screen', async () => {
    const { router } = renderAt('/find', <Find />, { '/suites': <ScreenHead title="Suites" /> })
    await act(() => router.navigate('/suites'))
    expect(document.activeElement).toBe(heading())
    expect(heading().textContent).toBe('Suites')
  })

  it('leaves the focus alone when the page was just opened', () => {
    renderAt('/find', <Find />)
    expect(document.activeElement).toBe(document.body)
  })

  it('leaves the focus alone when something changes within the screen', () => {
    renderAt('/find', <Find />)
    const button = screen.getByRole('button')
    button.focus()
    fireEvent.click(button)
    expect(document.activeElement).toBe(button)
  })
})
