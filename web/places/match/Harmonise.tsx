import { useEffect, useState } from 'react'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, queries, useHarmonisation } from '../../api/queries'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { HarmonisedKit } from './HarmonisedKit'
import { HarmoniseWish } from './HarmoniseWish'

/** Chooses chords for the same intents in several applications at once; runs on the server while the page stays free. */
export function Harmonise() {
  const [read, write] = useAddress()
  const query = useSeat()
  const id = Number(read('search'))
  const found = useHarmonisation(id)
  const [error, setError] = useState<Error | null>(null)
  const one = id === 0 ? undefined : found.data

  // What a finished or taken-back search wrote is in the keymaps now.
  const state = one?.state
  useEffect(() => { if (state === 'applied' || state === 'undone') void forgetKit() }, [state])

  async function search(wish: Schema['HarmoniseWish']) {
    setError(null)
    try {
      const begun = await answer(api.POST('/harmonisations', { params: { query }, body: wish }))
      write({ search: String(begun.id) })
    } catch (failure) {
      setError(failure as Error)
    }
  }

  async function act(request: Promise<Schema['Harmonisation']>) {
    setError(null)
    try {
      const next = await request
      queries.setQueryData(['harmonisation', next.id, query], next)
    } catch (failure) {
      setError(failure as Error)
    }
  }

  const path = { harmonisation: id }
  return (
    <>
      <HarmoniseWish key={one?.id ?? 0} before={one?.request} isSearching={one?.is_over === false} onSearch={(wish) => void search(wish)} />
      <ProblemNote error={error ?? found.error} />
      {one !== undefined && !one.is_over && <Searching one={one} onCancel={() => void act(answer(api.POST('/harmonisations/{harmonisation}/cancellations', { params: { path, query } })))} />}
      {one?.state === 'failed' && <p className="problem" role="alert">The search broke off. Search again; nothing was changed.</p>}
      {one?.refusal != null && <p className="problem" role="alert"><strong>{one.refusal.detail}</strong> {one.refusal.remedy}</p>}
      {one !== undefined && one.is_over && one.result !== null && (
        <HarmonisedKit
          key={one.id} one={one} result={one.result} onSearch={(wish) => void search(wish)}
          onApply={(name) => void act(answer(api.POST('/harmonisations/{harmonisation}/applications', { params: { path, query }, body: { name } })))}
          onUndo={() => void act(answer(api.POST('/harmonisations/{harmonisation}/undo', { params: { path, query } })))}
        />
      )}
      {id === 0 && <div className="empty"><p><strong>One wish, one chord.</strong> The search finds the chords that make your applications most alike for the least relearning, and says how much better any other choice could be at most. You accept or refuse each line before anything is written.</p></div>}
    </>
  )
}

function Searching({ one, onCancel }: { one: Schema['Harmonisation']; onCancel: () => void }) {
  const { gap } = one
  return (
    <div className="searching" role="status">
      <progress aria-label="Searching" value={gap === null ? undefined : 1 - Math.min(1, gap)} max={1} />
      <p>{one.state === 'waiting' ? 'Waits for its turn …' : gap === null ? 'Looking for a first solution …' : <>Best so far {Math.round(one.best ?? 0)}; no solution costs less than {Math.round(one.bound ?? 0)}: at most {(gap * 100).toFixed(1)} % from the best.</>}</p>
      <button type="button" className="plain" onClick={onCancel}>Enough, keep the best so far</button>
    </div>
  )
}
