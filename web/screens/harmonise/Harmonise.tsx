import { useState } from 'react'
import type { Schema } from '../../api/client'
import { Empty } from '../../parts/Empty'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { HarmonisedKit } from './HarmonisedKit'
import { HarmoniseForm } from './HarmoniseForm'
import { counted } from '../../parts/counted'
import css from './harmonise.module.css'
import { useHarmonisationStep, useSearch } from './mutations'
import { useHarmonisation } from './queries'
import type { Said } from './verdicts'

/** Chooses chords for the same intents in several applications at once; runs on the server while the page stays free. */
export function Harmonise() {
  const [read, write] = useAddress()
  const id = Number(read('search'))
  const [said, setSaid] = useState<Said>({})
  const found = useHarmonisation(id)
  const search = useSearch((begun) => {
    setSaid({})
    write({ search: String(begun.id) })
  })
  const step = useHarmonisationStep(id)
  const harmonisation = id === 0 ? undefined : found.data
  return (
    <>
      {(id === 0 || harmonisation !== undefined) && (
        <HarmoniseForm
          key={`form ${harmonisation?.id ?? 0}`}
          before={harmonisation?.request}
          lines={harmonisation?.result?.lines ?? []}
          said={said}
          isSearching={search.isSending || harmonisation?.is_over === false}
          onSearch={search.send}
        />
      )}
      <ProblemNote error={search.error ?? step.error ?? found.error} />
      {harmonisation !== undefined && !harmonisation.is_over && (
        <Searching harmonisation={harmonisation} isSending={step.isSending} onCancel={() => step.send({ do: 'cancel' })} />
      )}
      {harmonisation?.state === 'failed' && <Warning>The search broke off. Search again; nothing was changed.</Warning>}
      {harmonisation?.refusal != null && (
        <Warning>
          <strong>{harmonisation.refusal.detail}</strong> {harmonisation.refusal.remedy}
        </Warning>
      )}
      {harmonisation !== undefined && harmonisation.is_over && harmonisation.result !== null && (
        <HarmonisedKit
          key={`kit ${harmonisation.id}`}
          harmonisation={harmonisation}
          result={harmonisation.result}
          isSending={step.isSending}
          said={said}
          onSay={setSaid}
          onApply={(name) => step.send({ do: 'apply', name })}
          onUndo={() => step.send({ do: 'undo' })}
        />
      )}
      {id === 0 && (
        <Empty>
          <strong>One intent, one chord.</strong> The search finds the chords that make your applications most alike for the least
          relearning, and says how much better any other choice could be at most. You accept or refuse each line before anything is written.
        </Empty>
      )}
    </>
  )
}

interface Props {
  harmonisation: Schema['Harmonisation']
  isSending: boolean
  onCancel: () => void
}

function Searching({ harmonisation, isSending, onCancel }: Props) {
  const { state, gap, best, bound } = harmonisation
  const ahead = harmonisation.ahead ?? 0
  return (
    <div className={css.searching} role="status">
      <progress aria-label="Searching" value={gap === null ? undefined : 1 - Math.min(1, gap)} max={1} />
      <p>
        {state === 'waiting' ? (
          `Waits for its turn${ahead === 0 ? '' : `, behind ${counted(ahead, 'search', 'searches')}`} …`
        ) : gap === null ? (
          'Looking for a first solution …'
        ) : (
          <>
            Best so far {Math.round(best ?? 0)}; no solution costs less than {Math.round(bound ?? 0)}: at most {(gap * 100).toFixed(1)} %
            from the best.
          </>
        )}
      </p>
      <button type="button" className="plain" disabled={isSending} onClick={onCancel}>
        Enough, take the best so far
      </button>
    </div>
  )
}
