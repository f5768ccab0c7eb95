import { useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answer, api, upload, type Schema } from '../../api/client'
import { LEARN } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

type DrillWanted =
  { of: 'due' | 'ahead' | 'different'; application?: string | null; context?: string | null } | { of: 'suite'; suite: string }

/** Begins a drill and goes there. */
export function useBeginDrill() {
  const query = useSeat()
  const navigate = useNavigate()
  return useWrite((body: DrillWanted) => answer(api.POST('/learn/drills', { params: { query }, body })), {
    forgets: [LEARN],
    onDone: ({ id }) => navigate(`/learn/drills/${id}`),
  })
}

interface Answer {
  question: string
  /** Null for not knowing it. */
  chord: string | null
  gesture: 'tap' | 'hold'
}

export function useAnswer(drill: string) {
  const query = useSeat()
  const client = useQueryClient()
  return useWrite((body: Answer) => answer(api.POST('/learn/drills/{drill}/answers', { params: { path: { drill }, query }, body })), {
    forgets: [LEARN],
    onDone: (after) => client.setQueryData(['drill', drill, query], after),
  })
}

export function useLearnCards() {
  const query = useSeat()
  return useWrite((cards: Schema['WantedCard'][]) => answer(api.POST('/learn/cards', { params: { query }, body: { cards } })), {
    forgets: [LEARN],
  })
}

export function useDropCard() {
  const query = useSeat()
  return useWrite(
    (card: number) => answer(api.DELETE('/learn/cards/{learningCard}', { params: { path: { learningCard: card }, query } })),
    { forgets: [LEARN] },
  )
}

export function useTakeInCards() {
  const query = useSeat()
  return useWrite((file: File) => answer(api.POST('/learn/card-files', { params: { query }, ...upload(file) })), { forgets: [LEARN] })
}

type Speed = { typing_class: Schema['TypingClassId'] } | { keystrokes: number; seconds: number }

export function useSpeed(onDone: () => void) {
  const query = useSeat()
  return useWrite((body: Speed) => answer(api.PUT('/learn/speed', { params: { query }, body })), { forgets: [LEARN], onDone })
}

/** Says that what is different is known. */
export function useKnown() {
  const query = useSeat()
  return useWrite(() => answer(api.POST('/learn/differences/known', { params: { query } })), { forgets: [LEARN] })
}
