import type { Schema } from '../api/client'

/** A key file in step, for tests to start from. */
export const FILE: Schema['SuiteFile'] = {
  application: { id: 'cutloom', name: 'Cutloom' },
  standing: 'in-step',
  is_settled: true,
  needs_somebody: false,
  source: 'release',
  there: { preset: 'House standard', number: 2, release: 4 },
  due: { preset: 'House standard', number: 2, release: 4 },
  sha256: 'a'.repeat(64),
  held: null,
  problems: [],
  is_loaded: true,
  says: null,
}

export const SUITE: Schema['Suite'] = {
  id: 'avocet',
  name: 'Avocet',
  board: { id: 'full-ansi', name: 'Full size, ANSI' },
  layout: { id: 'us', name: 'US English' },
  system: 'macos',
  applications: ['cutloom'],
  is_online: true,
  seen_at: '2026-03-02T10:00:00Z',
  second_agent_at: null,
  follows: { preset: { id: 1, name: 'House standard' }, release: { id: 4, number: 2 }, is_pinned: true, behind: 0 },
  sitting: null,
  is_giving_back: false,
  files: [FILE],
}

export const SUITE_PAGE: Schema['SuitePage'] = {
  suite: SUITE,
  story: [{ id: 1, at: '2026-03-02T10:00:00Z', who: 'suite keeper', kind: 'rollout', what: 'Gets House standard 2', why: 'the new cuts' }],
  has_more: false,
  copies: [],
  regulars: [],
  agent: { version: '1.0', skew_seconds: 0, running: [], has_token: true, token_made_at: null },
  may_keep: true,
  may_sit_down: true,
  may_leave: false,
}

export const RELEASE: Schema['Release'] = {
  id: 4,
  preset: 'House standard',
  number: 2,
  note: 'Split on B',
  author: 'suite keeper',
  digest: 'c42a1844ac60865200',
  created_at: '2026-03-02T10:00:00Z',
  accepted: [],
  reason: null,
  fixed: 2,
  applications: [{ id: 'cutloom', file_name: 'cutloom-keys.xml' }],
}

export const PRESET: Schema['Preset'] = {
  id: 1,
  name: 'House standard',
  kit: 'Kit of the suite keeper',
  owner: 'suite keeper',
  is_mine: false,
  audience: 'house',
  is_standard: true,
  people: [],
  may_release: true,
  may_follow: true,
  may_give_to_house: true,
  is_followed: false,
  has_news: false,
  releases: [RELEASE],
}
