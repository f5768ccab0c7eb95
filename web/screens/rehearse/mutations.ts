import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { answer, api } from '../../api/client'
import { useSeat } from '../../seat/seat'
import { rehearsalQuery } from './queries'

interface Where {
  /** Id, empty for none. */
  suite: string
  /** Id, empty for none. */
  application: string
  focus: string
  gesture: 'tap' | 'hold'
  /** The rehearsal that is going on; empty for none. */
  rehearsal: string
  onBegun: (rehearsal: string) => void
}

/** Chords pressed in a suite, one after the other in the order in which they were pressed. The first begins a rehearsal. */
export function useRehearsing({ suite, application, focus, gesture, rehearsal, onBegun }: Where) {
  const query = useSeat()
  const client = useQueryClient()
  // Chords come faster than the address changes: the first begins the rehearsal, those right behind it find it here.
  const about = `${suite} ${application}`
  const begun = useRef({ about: '', id: '' })

  async function begin(): Promise<string> {
    const made = await answer(api.POST('/suites/{suite}/rehearsals', { params: { path: { suite }, query }, body: { application } }))
    begun.current = { about, id: made.id }
    onBegun(made.id)
    return made.id
  }

  const scope = { id: 'presses' }
  const beginning = useMutation({ scope, mutationFn: begin })
  const pressing = useMutation({
    scope,
    mutationFn: async (chord: string) => {
      const here = rehearsal !== '' ? rehearsal : begun.current.about === about ? begun.current.id : await begin()
      const after = await answer(
        api.POST('/rehearsals/{rehearsal}/presses', { params: { path: { rehearsal: here }, query }, body: { chord, focus, gesture } }),
      )
      client.setQueryData(rehearsalQuery(here, query).queryKey, after)
    },
  })
  return {
    press: (chord: string) => {
      pressing.mutate(chord)
    },
    startOver: () => {
      if (!beginning.isPending) beginning.mutate()
    },
    isBeginning: beginning.isPending,
    error: pressing.error ?? beginning.error,
  }
}
