import { use, useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { ScreenHead } from '../../parts/ScreenHead'
import { SeatContext } from '../../seat/seat'
import { Asked } from './Asked'
import { LastAnswer } from './LastAnswer'
import { useBeginDrill } from './mutations'
import { useDrill } from './queries'
import css from './learn.module.css'

/** Real presses, one card after the other, for five minutes at most. */
export function DrillScreen() {
  const { drill: id = '' } = useParams()
  const drill = useDrill(id)
  return (
    <>
      <ScreenHead title="Practice">
        <Link to="/learn">Back to Learn</Link>
      </ScreenHead>
      <Asking of={drill}>{(data) => <Running key={data.id} drill={data} onTimeUp={() => void drill.refetch()} />}</Asking>
    </>
  )
}

function Running({ drill, onTimeUp }: { drill: Schema['Drill']; onTimeUp: () => void }) {
  const here = use(SeatContext)
  const { system, board, layout } = drill.seat
  // What is for another suite is pressed on its keyboard.
  const there = useMemo(
    () => (drill.suite === null ? here : { ...here, seat: { system, board, layout }, suite: drill.suite }),
    [here, drill.suite, system, board, layout],
  )
  const left = useSecondsLeft(drill.seconds_left, drill.question !== null, onTimeUp)
  return (
    <>
      <p className={css.clock}>
        {drill.question === null ? 'Over' : `${counted(drill.left, 'card')} to come`}, {drill.answered} answered
        {drill.question !== null && `, ${Math.max(1, Math.ceil(left / 60))} min left at most`}
        {drill.suite !== null && `, as it will be in ${drill.suite.name}`}.
      </p>
      {drill.question !== null && (
        <SeatContext value={there}>
          <Asked drill={drill} question={drill.question} last={drill.last === null ? null : <LastAnswer of={drill.last} />} />
        </SeatContext>
      )}
      {drill.question === null && (
        <>
          <Summary drill={drill} />
          {drill.last !== null && <LastAnswer of={drill.last} />}
        </>
      )}
    </>
  )
}

/** Counts down from what the server said; at the end it is asked again. */
function useSecondsLeft(from: number, isRunning: boolean, onTimeUp: () => void): number {
  const [state, setState] = useState({ from, left: from })
  if (state.from !== from) setState({ from, left: from })
  const isUp = isRunning && state.left <= 0
  useEffect(() => {
    if (!isRunning) return
    const timer = setInterval(() => setState((before) => ({ ...before, left: before.left - 1 })), 1000)
    return () => clearInterval(timer)
  }, [isRunning, from])
  useEffect(() => {
    if (isUp) onTimeUp()
    // Once for each time that it is up, whoever asks.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isUp])
  return state.left
}

function Summary({ drill }: { drill: Schema['Drill'] }) {
  const { send, isSending } = useBeginDrill()
  return (
    <section className={css.summary} aria-label="What came of it" role="status">
      <p className={css.line}>
        {counted(drill.cards, 'card')} asked, {drill.missed.length === 0 ? 'none missed' : `${drill.missed.length} missed at first`}.
      </p>
      {drill.missed.length > 0 && (
        <p>
          {drill.suite === null ? 'Back in the first box, and due again in half a day' : 'Look at these once more'}:{' '}
          {drill.missed.map(({ name }) => name).join(', ')}.
        </p>
      )}
      <p className={css.turns}>
        <Link className="btn btn-sm btn-primary" to="/learn">
          That is it for now
        </Link>{' '}
        {drill.suite !== null && (
          <button
            type="button"
            className="plain"
            disabled={isSending}
            onClick={() => drill.suite !== null && send({ of: 'suite', suite: drill.suite.id })}
          >
            Once more
          </button>
        )}
      </p>
    </section>
  )
}
