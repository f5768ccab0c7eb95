import type { Schema } from '../../api/client'

type Entry = Schema['JournalEntry']

/** What is told of each kind; the subject follows where there is one. */
const KINDS: Record<string, string> = {
  'signed-in': 'signed in:',
  'signed-out': 'signed out:',
  'sign-in-refused': 'a sign-in was refused:',
  invited: 'invited somebody',
  'invitation-withdrawn': 'withdrew an invitation',
  joined: 'made their account:',
  'role-given': 'gave another role to',
  disabled: 'disabled',
  enabled: 'enabled',
  removed: 'took the data out of',
  'password-changed': 'changed the password of',
  'password-reset-asked': 'asked for a new password:',
  'password-reset': 'chose a new password by a link:',
  'password-link-made': 'made a link for a new password of',
  'second-factor-on': 'switched the second factor on:',
  'second-factor-off': 'switched the second factor off:',
  'recovery-code-used': 'used a recovery code:',
  'session-ended': 'ended a session of',
  'other-sessions-ended': 'ended the other sessions of',
  'data-taken-out': 'took out the data of',
  'token-made': 'made the token',
  'token-withdrawn': 'withdrew the token',
  'house-set-up': 'opened the house',
  'house-named': 'named the house',
  'keymap-made': 'made the keymap',
  'keymap-changed': 'changed the keymap',
  'keymap-renamed': 'renamed the keymap',
  'keymap-use': 'took another keymap into use:',
  'keymap-deleted': 'deleted the keymap',
  'keymap-restored': 'restored the keymap',
  'release-made': 'made the release',
  'preset-shared': 'said who sees the preset',
  'rollout-begun': 'began a rollout of',
}

/** An entry as a sentence without its person. What has words of its own, such as the story of a suite, keeps them. */
export function inWords({ kind, person, subject_kind: of, subject: named, details }: Entry): string {
  // Who did something to themselves stands beside it already.
  const subject = of === 'person' && named === person ? null : named
  const told = typeof details.what === 'string' ? details.what : null
  if (told !== null) return subject === null ? told : `${subject}: ${told}`
  const words = KINDS[kind] ?? kind.replaceAll('-', ' ')
  const role = typeof details.to === 'string' ? `, now ${details.to.replace('-', ' ')}` : ''
  return `${words}${subject === null ? '' : ` ${subject}`}${role}`.replace(/:$/, '')
}
