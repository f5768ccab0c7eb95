import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { detectedSystem, hasStoredSeat, storedSeat, storeSeat } from './seat'

beforeEach(() => {
  localStorage.clear()
})
afterEach(() => {
  vi.unstubAllGlobals()
})

const browserOn = (userAgent: string) => {
  vi.stubGlobal('navigator', { userAgent })
}

describe('the seat', () => {
  it.each([
    ['Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7)', 'macos'],
    ['Mozilla/5.0 (Windows NT 10.0; Win64; x64)', 'windows'],
    ['Mozilla/5.0 (X11; Linux x86_64)', 'linux'],
  ])('is of the system that the browser tells: %s', (told, system) => {
    browserOn(told)
    expect(detectedSystem()).toBe(system)
    expect(storedSeat()).toEqual({ seat: { system, board: 'full-ansi', layout: 'us' }, suite: null })
  })

  it('is remembered on this machine with its suite', () => {
    const chosen = { seat: { system: 'macos', board: 'compact-iso', layout: 'irish' }, suite: { id: 'curlew', name: 'Curlew' } } as const
    expect(hasStoredSeat()).toBe(false)
    storeSeat(chosen)
    expect(hasStoredSeat()).toBe(true)
    expect(storedSeat()).toEqual(chosen)
  })

  it('is a common one where what was stored cannot be read', () => {
    localStorage.setItem('seat', '{broken')
    expect(storedSeat().seat.board).toBe('full-ansi')
  })

  it('fills up what an older page did not store', () => {
    browserOn('X11; Linux')
    localStorage.setItem('seat', '{"seat": {"layout": "german"}}')
    expect(storedSeat()).toEqual({ seat: { system: 'linux', board: 'full-ansi', layout: 'german' }, suite: null })
  })
})
