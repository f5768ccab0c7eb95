import { useState } from 'react'
import type { Schema } from '../../api/client'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSpeed } from './mutations'
import { SpeedTest } from './SpeedTest'
import css from './learn.module.css'

/** How fast one types: by a class, or by a test of a minute. */
export function SpeedChoice({ savings }: { savings: Schema['Savings'] }) {
  const [isTesting, setTesting] = useState(false)
  const { send, isSending, error } = useSpeed(() => setTesting(false))
  const { assumptions } = savings
  return (
    <div className={css.speed}>
      <label>
        I type like{' '}
        <select
          className="form-select form-select-sm"
          value={assumptions.is_measured ? '' : assumptions.typing_class}
          disabled={isSending}
          onChange={(event) => send({ typing_class: event.target.value as Schema['TypingClassId'] })}
        >
          {assumptions.is_measured && <option value="">my own test: {assumptions.key_seconds} s a keystroke</option>}
          {savings.typing_classes.map(({ id, name, seconds }) => (
            <option key={id} value={id}>
              {name} ({seconds} s)
            </option>
          ))}
        </select>
      </label>{' '}
      {!isTesting && (
        <button type="button" className="plain" onClick={() => setTesting(true)}>
          Measure it, one minute
        </button>
      )}
      {isTesting && (
        <SpeedTest
          fewest={savings.fewest_keystrokes}
          isSending={isSending}
          onMeasured={(keystrokes, seconds) => send({ keystrokes, seconds })}
          onLeave={() => setTesting(false)}
        />
      )}
      <ProblemNote error={error} />
    </div>
  )
}
