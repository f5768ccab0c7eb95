import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useMemo, useState, type ReactNode } from 'react'
import { answer, api, ProblemError, type Schema } from '../api/client'
import { KIT } from '../api/keys'
import { useWrite } from '../parts/useWrite'
import { useSeat } from '../seat/seat'
import { ChangeContext, type WantedChange } from './changes'
import { MergeDialog } from './MergeDialog'
import { NameDialog } from './NameDialog'
import { Notice, type NoticeText } from './Notice'
import { keymapQuery } from './queries'

type Step =
  { at: 'rest' } | { at: 'naming'; wanted: WantedChange } | { at: 'merging'; wanted: WantedChange; keymap: number; merge: Schema['Merge'] }

interface Change {
  wanted: WantedChange
  keymap: number
  version: number
  onTop: boolean
}

/** The one way by which the page changes keymaps. */
export function ChangeProvider({ children }: { children: ReactNode }) {
  const query = useSeat()
  const client = useQueryClient()
  const [step, setStep] = useState<Step>({ at: 'rest' })
  const [notice, setNotice] = useState<NoticeText | null>(null)
  const rest = () => {
    setStep({ at: 'rest' })
  }
  const tell = (wanted: WantedChange, keymap: Schema['Keymap']) => {
    rest()
    setNotice({ text: `${wanted.title}.`, undo: keymap })
  }

  const change = useWrite(
    async ({ wanted, keymap, version, onTop }: Change) => {
      const body = { version, title: wanted.title, change: wanted.change, on_top: onTop }
      try {
        tell(wanted, await answer(api.POST('/keymaps/{keymap}/changes', { params: { path: { keymap }, query }, body })))
      } catch (error) {
        const merge = error instanceof ProblemError ? error.problem.merge : undefined
        if (merge === undefined) setNotice({ error: error as Error })
        else setStep({ at: 'merging', wanted, keymap, merge })
      }
    },
    { forgets: [KIT] },
  )

  const copy = useWrite(
    async ({ wanted, name }: { wanted: WantedChange; name: string }) => {
      const params = { path: { application: wanted.application }, query }
      const body = { name, title: wanted.title, change: wanted.change }
      tell(wanted, await answer(api.POST('/applications/{application}/keymaps', { params, body })))
    },
    { forgets: [KIT] },
  )

  const undo = useWrite(
    async (keymap: Schema['Keymap']) => {
      if (keymap.id === null) return
      try {
        await answer(
          api.POST('/keymaps/{keymap}/undo', { params: { path: { keymap: keymap.id }, query }, body: { version: keymap.version } }),
        )
        setNotice({ text: `Undone: ${keymap.undo ?? ''}.` })
      } catch (error) {
        setNotice({ error: error as Error })
      }
    },
    { forgets: [KIT] },
  )

  const { send } = change
  const make = useCallback(
    (wanted: WantedChange) => {
      // The version that the page shows: what somebody else did since is then noticed.
      client.query({ ...keymapQuery(wanted.application, query), staleTime: Infinity }).then(
        (keymap) => {
          if (keymap.id === null) setStep({ at: 'naming', wanted })
          else send({ wanted, keymap: keymap.id, version: keymap.version, onTop: false })
        },
        (error: unknown) => {
          setNotice({ error: error as Error })
        },
      )
    },
    [client, query, send],
  )

  const isMaking = change.isSending || copy.isSending || undo.isSending
  const changes = useMemo(() => ({ make, isMaking }), [make, isMaking])

  return (
    <ChangeContext value={changes}>
      {children}
      <Notice notice={notice} onUndo={undo.send} onClose={() => setNotice(null)} />
      {step.at === 'naming' && (
        <NameDialog
          wanted={step.wanted}
          error={copy.error}
          isSending={copy.isSending}
          onCancel={rest}
          onName={(name) => copy.send({ wanted: step.wanted, name })}
        />
      )}
      {step.at === 'merging' && (
        <MergeDialog
          wanted={step.wanted}
          merge={step.merge}
          onCancel={() => {
            rest()
            void client.invalidateQueries({ queryKey: KIT })
          }}
          onMerge={() => change.send({ wanted: step.wanted, keymap: step.keymap, version: step.merge.version, onTop: true })}
        />
      )}
    </ChangeContext>
  )
}
