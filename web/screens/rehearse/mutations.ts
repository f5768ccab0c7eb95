import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, api, type Schema } from '../../api/client'
import { useSeat } from '../../seat/seat'
import { rehearsalQuery } from './queries'

export type Gesture = 'tap' | 'hold'

/** With what is sent when a key that was held goes up. */
interface Sent {
  chord: string
  gesture: Gesture | 'let-go'
}

const LET_GO: Sent['gesture'] = 'let-go'

interface Where {
  /** Id, empty for none. */
  suite: string
  /** Id, empty for none. */
  application: string
  focus: string
  /** The rehearsal that is going on; empty for none. */
  rehearsal: string
  onBegun: (rehearsal: string) => void
}

/** Chords pressed in a suite, one after the other in the order in which they were pressed. The first begins a rehearsal. */
export function useRehearsing({ suite, application, focus, rehearsal, onBegun }: Where) {
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

  const last = useRef('')
  const scope = { id: 'presses' }
  const beginning = useMutation({ scope, mutationFn: begin })
  const pressing = useMutation({
    scope,
    mutationFn: async ({ chord, gesture }: Sent) => {
      const here = rehearsal !== '' ? rehearsal : begun.current.about === about ? begun.current.id : await begin()
      const after = await answer(
        api.POST('/rehearsals/{rehearsal}/presses', { params: { path: { rehearsal: here }, query }, body: { chord, focus, gesture } }),
      )
      client.setQueryData(rehearsalQuery(here, query).queryKey, after)
    },
  })
  return {
    press: (chord: string, gesture: Gesture) => {
      last.current = chord
      pressing.mutate({ chord, gesture })
    },
    letGo: () => {
      pressing.mutate({ chord: last.current, gesture: LET_GO })
    },
    startOver: () => {
      if (!beginning.isPending) beginning.mutate()
    },
    error: pressing.error ?? beginning.error,
  }
}

/** Chords pressed in what one has now, one after the other; the strip that is played with has a name of its own. */
export function useDraftRehearsing(application: string, focus: string) {
  const query = useSeat()
  const [rehearsal, setRehearsal] = useState(() => crypto.randomUUID())
  const [presses, setPresses] = useState<Schema['Press'][]>([])
  const last = useRef('')
  const pressing = useMutation({
    scope: { id: 'draft-presses' },
    mutationFn: async ({ chord, gesture }: Sent) => {
      const body = { rehearsal, chord, focus, gesture }
      const press = await answer(api.POST('/applications/{application}/draft-presses', { params: { path: { application }, query }, body }))
      setPresses((before) => [...before, press])
    },
  })
  return {
    presses,
    press: (chord: string, gesture: Gesture) => {
      last.current = chord
      pressing.mutate({ chord, gesture })
    },
    letGo: () => {
      pressing.mutate({ chord: last.current, gesture: LET_GO })
    },
    startOver: () => {
      setPresses([])
      setRehearsal(crypto.randomUUID())
    },
    error: pressing.error,
  }
}
