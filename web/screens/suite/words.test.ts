import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { FILE, SUITE } from '../../tests/suites'
import { lacks, needsSomebody, presence, standingInWords } from './words'

const suite = (part: Partial<Schema['Suite']>): Schema['Suite'] => ({ ...SUITE, ...part })
const file = (part: Partial<Schema['SuiteFile']>): Schema['SuiteFile'] => ({ ...FILE, ...part })

describe('the standing of a file', () => {
  it('is called in step only while the suite answers', () => {
    expect(standingInWords(FILE, true)).toBe('in step')
    expect(standingInWords(FILE, false)).toBe('in step when last seen')
    expect(standingInWords(file({ standing: 'changed-by-hand' }), false)).toBe('changed by hand')
    expect(standingInWords(file({ standing: 'refused' }), true)).toBe('there, and not taken')
  })
})

describe('what a suite lacks', () => {
  it('is nothing where all is in step, or left so on purpose', () => {
    expect(lacks(suite({ files: [FILE, file({ standing: 'left' })] }))).toBe('')
  })

  it('names the application, with the reason where one is known', () => {
    const held = file({ standing: 'held-back', is_settled: false, held: 'the disk is full' })
    expect(lacks(suite({ files: [held, file({ standing: 'behind', is_settled: false })] }))).toBe(
      'Cutloom: the disk is full, Cutloom: behind',
    )
  })

  it('says of a suite that follows nothing that it does', () => {
    expect(lacks(suite({ follows: null, files: [file({ standing: 'no-file' })] }))).toBe('follows nothing')
  })
})

describe('whether a suite needs somebody', () => {
  it.each([
    [{}, false],
    [{ files: [file({ needs_somebody: true })] }, true],
    [{ second_agent_at: '2026-03-02T10:00:00Z' }, true],
  ])('%j: %s', (part, needs) => {
    expect(needsSomebody(suite(part))).toBe(needs)
  })
})

describe('whether it answers', () => {
  it('is told apart from never having answered', () => {
    expect(presence(SUITE)).toBe('online')
    expect(presence(suite({ is_online: false }))).toMatch(/^offline since/)
    expect(presence(suite({ is_online: false, seen_at: null }))).toBe('never seen')
  })
})
