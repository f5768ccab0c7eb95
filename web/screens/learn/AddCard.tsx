import { useState } from 'react'
import type { Schema } from '../../api/client'
import { useKeymap } from '../../keymap/queries'
import { ApplicationSelect } from '../../parts/AskedSelect'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { remembered } from '../../parts/remembered'
import { useLearnCards } from './mutations'
import css from './learn.module.css'

/** Any chord that one has, to be learned without being proposed. */
export function AddCard() {
  const [application, setApplication] = useState(() => remembered('application'))
  const { send, isSending, error } = useLearnCards()
  return (
    <form
      className={css.turns}
      onSubmit={(event) => {
        event.preventDefault()
        const chosen = new FormData(event.currentTarget).get('chord')
        if (typeof chosen === 'string' && chosen !== '') send([JSON.parse(chosen) as Schema['WantedCard']])
      }}
    >
      <ApplicationSelect
        label="Application of the chord"
        none="an application"
        className="form-select form-select-sm w-auto"
        value={application}
        onChoose={setApplication}
      />
      <Asking of={useKeymap(application)}>
        {({ bindings }) => (
          <>
            <select name="chord" aria-label="Chord to learn" className="form-select form-select-sm w-auto">
              {inContexts(bindings).map(([context, some]) => (
                <optgroup key={context} label={context}>
                  {some.map((one) => (
                    <option
                      key={one.id}
                      value={JSON.stringify({ application, command: one.command.id, context: one.context.id, gesture: one.gesture })}
                    >
                      {one.command.name} ({one.gesture === 'hold' && 'hold '}
                      {one.chord.label})
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
            <button type="submit" className="btn btn-sm btn-outline-secondary" disabled={isSending}>
              Learn this one
            </button>
          </>
        )}
      </Asking>
      <ProblemNote error={error} />
    </form>
  )
}

/** Bindings by the name of their context, each list by the names of its commands. */
function inContexts(bindings: Schema['Binding'][]): [context: string, bindings: Schema['Binding'][]][] {
  const groups = Map.groupBy(
    bindings.filter(({ command }) => command.known),
    ({ context }) => context.name,
  )
  return [...groups].map(([context, some]) => [context, some.sort((one, other) => one.command.name.localeCompare(other.command.name))])
}
