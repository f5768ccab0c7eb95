import { useNavigate } from 'react-router'
import { answer, api, upload, type Schema } from '../../api/client'
import { KIT, ROLLOUTS, SITTINGS, SUITES } from '../../api/keys'
import type { Answers } from '../../parts/MergeQuestions'
import type { Yes } from '../../parts/Problems'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

const HOUSE = { forgets: [SUITES, ROLLOUTS] }

/** Importing the key file of an application as it is in a suite. */
export function useImport(suite: string) {
  const query = useSeat()
  const navigate = useNavigate()
  return useWrite(
    (application: string) => answer(api.POST('/suites/{suite}/imports', { params: { path: { suite }, query }, body: { application } })),
    {
      onDone: ({ application, id }: Schema['KeyFileReport']) => navigate(`/applications/${application.id}/key-files/${id}`),
    },
  )
}

export const useSuiteApplications = (suite: string) =>
  useWrite((applications: string[]) => answer(api.PATCH('/suites/{suite}', { params: { path: { suite } }, body: { applications } })), HOUSE)

export interface Followed extends Yes {
  preset: number
  /** Null for always the newest. */
  release: number | null
}

export function useFollow(suite: string, onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    ({ preset, release, accept, reason }: Followed) =>
      answer(
        api.PUT('/suites/{suite}/following', {
          params: { path: { suite }, query },
          body: { preset, release, accept, reason: reason.trim() || null },
        }),
      ),
    { ...HOUSE, onDone },
  )
}

export function useStopFollowing(suite: string) {
  const query = useSeat()
  return useWrite(() => answer(api.DELETE('/suites/{suite}/following', { params: { path: { suite }, query } })), HOUSE)
}

export interface Decision {
  way: 'leave' | 'overwrite' | 'put-back' | 'merge' | 'release'
  /** The file that was seen there. */
  sha256: string | null
  copy?: string
  answers?: Answers
  note?: string
  reason?: string
  accept?: string[]
}

/** What is to become of a key file in a suite. */
export function useDecide(suite: string, application: string, onDone?: () => unknown) {
  const query = useSeat()
  return useWrite(
    (body: Decision) => answer(api.POST('/suites/{suite}/files/{application}', { params: { path: { suite, application }, query }, body })),
    { forgets: [SUITES, ROLLOUTS, KIT], ...(onDone === undefined ? {} : { onDone }) },
  )
}

export interface SitDown {
  suite: string
  /** Null until they leave. */
  until: string | null
  takeOver: boolean
  accept: string[]
  /** Whether one's uses are counted there. */
  tellsUsage: boolean
}

export function useSitDown(onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    ({ suite, until, takeOver, accept, tellsUsage }: SitDown) =>
      answer(
        api.PUT('/suites/{suite}/sitting', {
          params: { path: { suite }, query },
          body: { until, take_over: takeOver, accept, tells_usage: tellsUsage },
        }),
      ),
    { forgets: [SUITES, SITTINGS], onDone },
  )
}

export function useLeave() {
  const query = useSeat()
  return useWrite((suite: string) => answer(api.DELETE('/suites/{suite}/sitting', { params: { path: { suite }, query } })), {
    forgets: [SUITES, SITTINGS],
  })
}

/** Says yes to one's uses being counted where one sits, or takes it back. */
export function useTellUsage() {
  const query = useSeat()
  return useWrite(
    ({ sitting, tells }: { sitting: number; tells: boolean }) =>
      answer(api.PUT('/sittings/{sitting}/usage', { params: { path: { sitting }, query }, body: { tells_usage: tells } })),
    { forgets: [SITTINGS] },
  )
}

interface OfferPath {
  sitting: number
  application: string
}

export function useTakeOffer(path: OfferPath, onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    (body: { answers: Answers; version: number }) =>
      answer(api.POST('/sittings/{sitting}/offers/{application}', { params: { path, query }, body })),
    { forgets: [SITTINGS, KIT], onDone },
  )
}

export function useDismissOffer(path: OfferPath, onDone: () => unknown) {
  const query = useSeat()
  return useWrite(() => answer(api.DELETE('/sittings/{sitting}/offers/{application}', { params: { path, query } })), {
    forgets: [SITTINGS],
    onDone,
  })
}

export interface RolloutOrder extends Yes {
  release: number
  suites: string[]
  first: string | null
  when: 'now' | 'closed'
  at: string | null
  overwrite: Record<string, Record<string, string>>
}

export function useRollOut(onDone: () => unknown) {
  const query = useSeat()
  return useWrite(
    ({ reason, ...rest }: RolloutOrder) =>
      answer(api.POST('/rollouts', { params: { query }, body: { ...rest, reason: reason.trim() || null } })),
    { ...HOUSE, onDone },
  )
}

export type Turn = 'go-on' | 'pause' | 'cancel' | 'go-back'

export function useTurn(rollout: number) {
  const query = useSeat()
  return useWrite((turn: Turn) => answer(api.POST('/rollouts/{rollout}/{turn}', { params: { path: { rollout, turn }, query } })), HOUSE)
}

/** The report that an agent wrote on a stick. */
export function useStickReport(suite: string) {
  const query = useSeat()
  return useWrite(
    (file: File) => answer(api.POST('/suites/{suite}/stick-reports', { params: { path: { suite }, query }, ...upload(file) })),
    HOUSE,
  )
}

export interface NewSuite {
  name: string
  board: string
  layout: string
  system: Schema['System']
  applications: string[]
}

export const useMakeSuite = () => useWrite((body: NewSuite) => answer(api.POST('/suites', { body })), HOUSE)

export const useChangeSuite = (suite: string) =>
  useWrite((body: Omit<NewSuite, 'applications'>) => answer(api.PATCH('/suites/{suite}', { params: { path: { suite } }, body })), HOUSE)

export const useNewSuiteToken = (suite: string) =>
  useWrite(() => answer(api.POST('/suites/{suite}/token', { params: { path: { suite } } })), HOUSE)

export const useWithdrawSuiteToken = (suite: string) =>
  useWrite(() => answer(api.DELETE('/suites/{suite}/token', { params: { path: { suite } } })), HOUSE)

export const useRetireSuite = (suite: string) =>
  useWrite(() => answer(api.DELETE('/suites/{suite}', { params: { path: { suite } } })), HOUSE)
