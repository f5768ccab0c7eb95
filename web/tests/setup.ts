import { cleanup } from '@testing-library/react'
import { afterEach } from 'vitest'
import { forgetServer, standInForServer } from './server'

standInForServer()

afterEach(() => {
  cleanup()
  forgetServer()
})

// The simulated browser moves nothing.
Element.prototype.animate = () => ({}) as Animation
