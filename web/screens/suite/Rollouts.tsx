import type { Schema } from '../../api/client'
import { useRollouts } from '../../api/suites'
import { ProblemNote } from '../../parts/ProblemNote'
import { useTurn, type Turn } from './mutations'
import { clock, release, ROLLOUT_STATES, STEPS } from './words'
import css from './suite.module.css'

const OPEN: readonly Schema['Rollout']['state'][] = ['proposed', 'planned', 'running', 'paused', 'stopped']

/** How many of those that are over are still shown: the last can be gone back on. */
const OVER = 1

/** What is on its way to suites, and what came last. */
export function Rollouts() {
  const rollouts = useRollouts().data?.rollouts ?? []
  const open = rollouts.filter(({ state }) => OPEN.includes(state))
  const over = rollouts.filter(({ state }) => !OPEN.includes(state)).slice(0, OVER)
  if (open.length + over.length === 0) return null
  return (
    <section aria-label="Rollouts" className={css.rollouts}>
      {[...open, ...over].map((rollout) => (
        <Rollout key={rollout.id} rollout={rollout} />
      ))}
    </section>
  )
}

/** What can be done next, by the state it is in. */
const TURNS: Record<Schema['Rollout']['state'], readonly (readonly [Turn, string])[]> = {
  proposed: [
    ['go-on', 'Let it go'],
    ['cancel', 'Decline'],
  ],
  planned: [
    ['pause', 'Pause'],
    ['cancel', 'Cancel'],
  ],
  running: [
    ['pause', 'Pause'],
    ['cancel', 'Cancel'],
    ['go-back', 'Go back'],
  ],
  paused: [
    ['go-on', 'Go on'],
    ['cancel', 'Cancel'],
    ['go-back', 'Go back'],
  ],
  stopped: [
    ['go-on', 'Go on'],
    ['cancel', 'Cancel'],
    ['go-back', 'Go back'],
  ],
  done: [['go-back', 'Go back to what was before']],
  cancelled: [['go-back', 'Go back to what was before']],
  'gone-back': [],
}

function Rollout({ rollout }: { rollout: Schema['Rollout'] }) {
  const { send, isSending, error } = useTurn(rollout.id)
  const faults = rollout.suites.filter(({ fault }) => fault !== null)
  return (
    <article className={css.rollout} data-state={rollout.state} aria-label={`Rollout of ${release(rollout.release)}`}>
      <p>
        <b>{release(rollout.release)}</b> {ROLLOUT_STATES[rollout.state]}
        {rollout.begins_at !== null && rollout.state === 'planned' && ` for ${clock(rollout.begins_at)}`}{' '}
        <small>
          {rollout.by}, {clock(rollout.created_at)}
          {rollout.when === 'closed' && ', where an application is closed'}
          {rollout.reason !== null && `: ${rollout.reason}`}
        </small>
      </p>
      <ol className={css.track}>
        {rollout.suites.map(({ suite, step, is_first }) => (
          <li key={suite.id} data-step={step}>
            {suite.name}{' '}
            <small>
              {is_first && 'first, '}
              {STEPS[step]}
            </small>
          </li>
        ))}
      </ol>
      {faults.map(({ suite, fault }) => (
        <p key={suite.id} className={css.fault}>
          <b>{suite.name}:</b> {fault}
        </p>
      ))}
      {rollout.may_keep && (
        <p className={css.turns}>
          {TURNS[rollout.state].map(([turn, title], index) => (
            <button
              key={turn}
              type="button"
              className={index === 0 ? 'btn btn-sm btn-outline-secondary' : 'plain'}
              disabled={isSending}
              onClick={() => send(turn)}
            >
              {title}
            </button>
          ))}
        </p>
      )}
      <ProblemNote error={error} />
    </article>
  )
}
