import type { Schema } from '../../api/client'
import { ProblemNote } from '../../parts/ProblemNote'
import { useStickReport } from './mutations'

/** For a suite away from the network: what it should have, on a stick, and the report that comes back on it. */
export function Stick({ suite }: { suite: Schema['Suite'] }) {
  const { send, isSending, error, made } = useStickReport(suite.id)
  return (
    <details>
      <summary>Away from the network</summary>
      <p>
        <a href={`/api/suites/${suite.id}/bundle`} download>
          Bundle for a stick
        </a>
        : the agent of {suite.name} installs it by the same rules and writes a report beside it.
      </p>
      <label>
        The report that came back{' '}
        <input
          type="file"
          disabled={isSending}
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file !== undefined) send(file)
          }}
        />
      </label>
      <ProblemNote error={error} />
      {made !== undefined && error === null && <p role="status">The report is taken in.</p>}
    </details>
  )
}
