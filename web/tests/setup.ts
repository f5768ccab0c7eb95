import { cleanup } from '@testing-library/react'
import { afterEach, beforeEach, expect, vi } from 'vitest'
import { forgetServer, standInForServer } from './server'

standInForServer()

/** What React and the libraries complain of. A test that expects a complaint spies on the console itself. */
let complaints: string[] = []

beforeEach(() => {
  complaints = []
  vi.spyOn(console, 'error').mockImplementation((...parts: unknown[]) => {
    complaints.push(parts.map(String).join(' '))
  })
})

afterEach(() => {
  cleanup()
  forgetServer()
  expect(complaints).toEqual([])
})

// The simulated browser moves nothing.
Element.prototype.animate = () => ({}) as Animation
