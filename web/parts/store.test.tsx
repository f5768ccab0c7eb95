import { act, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { createStore, useStored, useStoredAs, useStoreOf, type Store } from './store'

function Reads({ of, drawn }: { of: Store<string>; drawn: () => void }) {
  drawn()
  return <p>it is {useStored(of)}</p>
}

function IsChosen({ of, key: one, drawn }: { of: Store<string>; key?: string; drawn: () => void }) {
  drawn()
  return <p>{useStoredAs(of, (now) => now === (one ?? 'KeyA')) ? 'chosen' : 'not chosen'}</p>
}

describe('a value outside the tree', () => {
  it('is drawn again where it is read, and nowhere else', () => {
    const store = createStore('KeyA')
    const [reader, around] = [vi.fn(), vi.fn()]
    function Around() {
      around()
      return <Reads of={store} drawn={reader} />
    }
    render(<Around />)
    act(() => store.set('KeyB'))
    expect(screen.getByText('it is KeyB')).toBeTruthy()
    expect(around).toHaveBeenCalledTimes(1)
    expect(reader).toHaveBeenCalledTimes(2)
  })

  it('that is set to what it is draws nothing', () => {
    const store = createStore('KeyA')
    const drawn = vi.fn()
    render(<Reads of={store} drawn={drawn} />)
    act(() => store.set('KeyA'))
    expect(drawn).toHaveBeenCalledTimes(1)
  })

  it('of which something is read draws only when that changes', () => {
    const store = createStore('KeyC')
    const drawn = vi.fn()
    render(<IsChosen of={store} drawn={drawn} />)
    act(() => store.set('KeyB'))
    expect(drawn).toHaveBeenCalledTimes(1)
    act(() => store.set('KeyA'))
    expect(screen.getByText('chosen')).toBeTruthy()
  })

  it('tells nobody who has gone', () => {
    const store = createStore('KeyA')
    const drawn = vi.fn()
    render(<Reads of={store} drawn={drawn} />).unmount()
    act(() => store.set('KeyB'))
    expect(drawn).toHaveBeenCalledTimes(1)
  })

  it('follows what is drawn, where it stands for that', () => {
    const drawn = vi.fn()
    const Follows = ({ value }: { value: string }) => <Reads of={useStoreOf(value)} drawn={drawn} />
    const { rerender } = render(<Follows value="KeyA" />)
    rerender(<Follows value="KeyB" />)
    expect(screen.getByText('it is KeyB')).toBeTruthy()
  })
})
