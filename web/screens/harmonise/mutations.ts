import { useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'
import { harmonisationQuery } from './queries'

/** Beginning a search. */
export function useSearch(onBegun: (harmonisation: Schema['Harmonisation']) => unknown) {
  const query = useSeat()
  return useWrite((body: Schema['HarmoniseWanted']) => answer(api.POST('/harmonisations', { params: { query }, body })), {
    onDone: onBegun,
  })
}

type Step = { do: 'cancel' | 'undo' } | { do: 'apply'; name: string }

/** Ending a search, writing what it found to the kit, and undoing that. */
export function useHarmonisationStep(harmonisation: number) {
  const query = useSeat()
  const client = useQueryClient()
  const params = { path: { harmonisation }, query }
  return useWrite(
    (step: Step) => {
      if (step.do === 'apply') return answer(api.POST('/harmonisations/{harmonisation}/apply', { params, body: { name: step.name } }))
      return answer(
        step.do === 'cancel'
          ? api.POST('/harmonisations/{harmonisation}/cancel', { params })
          : api.POST('/harmonisations/{harmonisation}/undo', { params }),
      )
    },
    { forgets: [KIT], onDone: (next) => client.setQueryData(harmonisationQuery(harmonisation, query).queryKey, next) },
  )
}
