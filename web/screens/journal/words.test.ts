import { describe, expect, it } from 'vitest'
import { inWords } from './words'

const ENTRY = { id: 1, at: '', person: null, address: null, subject_kind: null, subject_id: null, subject: null, details: {} }

describe('an entry of the journal in words', () => {
  it.each([
    [{ kind: 'signed-in', subject: 'night editor' }, 'signed in: night editor'],
    [{ kind: 'signed-in', person: 'night editor', subject_kind: 'person', subject: 'night editor' }, 'signed in'],
    [{ kind: 'sign-in-refused' }, 'a sign-in was refused'],
    [
      { kind: 'role-given', subject: 'night editor', details: { from: 'editor', to: 'suite-keeper' } },
      'gave another role to night editor, now suite keeper',
    ],
    [{ kind: 'suite-token', subject: 'Heron', details: { what: 'Has a new token' } }, 'Heron: Has a new token'],
    [{ kind: 'something-newer', subject: 'Heron' }, 'something newer Heron'],
  ])('%o', (entry, words) => {
    expect(inWords({ ...ENTRY, ...entry })).toBe(words)
  })
})
