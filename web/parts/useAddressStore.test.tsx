import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { Link } from 'react-router'
import { describe, expect, it } from 'vitest'
import { renderAt } from '../tests/page'
import { useStored } from './store'
import { OWN, RESTS } from './useAddress'
import { useAddressStore } from './useAddressStore'

function Pressed() {
  const chord = useAddressStore('chord')
  const press = (one: string) => chord.give(one, { layer: '' }, { isLater: true })
  return (
    <>
      <p>looks at {useStored(chord)}</p>
      {['KeyA', 'KeyB', 'KeyC'].map((one) => (
        // The keys of a board are pressed without a click.
        <button key={one} type="button" onKeyDown={() => press(one)}>
          {one}
        </button>
      ))}
      <Link to="/remap">away</Link>
    </>
  )
}

const press = (key: string) => fireEvent.keyDown(screen.getByRole('button', { name: key }))
const rested = () => act(() => new Promise((resolve) => setTimeout(resolve, RESTS + 30)))

describe('a chord that is pressed', () => {
  it('is shown at once, and stands in the address when the hand rests', async () => {
    const { address } = renderAt('/find', <Pressed />)
    press('KeyA')
    expect(screen.getByText('looks at KeyA')).toBeTruthy()
    expect(address()).toBe('/find')
    await rested()
    expect(address()).toBe('/find?chord=KeyA')
  })

  it('one of many quick ones, is passed over: Back leads to where the hand rested before', async () => {
    const { router, address } = renderAt('/find?chord=KeyC', <Pressed />)
    press('KeyA')
    press('KeyB')
    press('KeyA')
    await rested()
    expect(address()).toBe('/find?chord=KeyA')
    await act(() => router.navigate(-1))
    expect(screen.getByText('looks at KeyC')).toBeTruthy()
  })

  it('is not lost when the one before it comes into the address only now', async () => {
    const { router, address } = renderAt('/find', <Pressed />)
    press('KeyA')
    await rested()
    // An entry of the page's own that arrives while the next press waits.
    press('KeyB')
    await act(() => router.navigate('/find?chord=KeyA&layer=Shift', { state: OWN }))
    await rested()
    expect(address()).toBe('/find?chord=KeyB')
  })

  it('is not lost when somebody leaves before the hand rested', async () => {
    const { router, address } = renderAt('/find', <Pressed />, { '/remap': <p>remap</p> })
    press('KeyB')
    fireEvent.click(screen.getByRole('link', { name: 'away' }))
    await waitFor(() => expect(address()).toBe('/remap'))
    await act(() => router.navigate(-1))
    await waitFor(() => expect(screen.getByText('looks at KeyB')).toBeTruthy())
  })

  it('does not follow to another screen', async () => {
    const { router, address } = renderAt('/find', <Pressed />, { '/remap': <p>remap</p> })
    press('KeyB')
    await act(() => router.navigate('/remap'))
    await rested()
    expect(address()).toBe('/remap')
  })
})
