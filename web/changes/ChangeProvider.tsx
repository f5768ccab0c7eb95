import { useCallback, useState, type ReactNode } from 'react'
import { answer, api, ProblemError, type Schema } from '../api/client'
import { forgetKit, queries } from '../api/queries'
import { useSeat } from '../seat/seat'
import { ChangeContext, type WantedChange } from './changes'
import { MergeDialog } from './MergeDialog'
import { NameDialog } from './NameDialog'
import { Notice, type NoticeText } from './Notice'

type Step =
  | { at: 'rest' }
  | { at: 'naming'; wanted: WantedChange; error: Error | null }
  | { at: 'merging'; wanted: WantedChange; keymap: number; merge: Schema['Merge'] }

/** The one way by which the page changes keymaps. */
export function ChangeProvider({ children }: { children: ReactNode }) {
  const query = useSeat()
  const [step, setStep] = useState<Step>({ at: 'rest' })
  const [notice, setNotice] = useState<NoticeText | null>(null)

  const settle = useCallback(async (wanted: WantedChange, keymap: Schema['Keymap']) => {
    setStep({ at: 'rest' })
    setNotice({ text: `${wanted.title}.`, undo: keymap })
    await forgetKit()
  }, [])

  const write = useCallback(async (wanted: WantedChange, keymap: number, version: number, onTop: boolean) => {
    try {
      const body = { version, title: wanted.title, change: wanted.change, on_top: onTop }
      await settle(wanted, await answer(api.POST('/keymaps/{keymap}/changes', { params: { path: { keymap }, query }, body })))
    } catch (error) {
      const merge = error instanceof ProblemError ? error.problem.merge : undefined
      if (merge === undefined) setNotice({ error: error as Error })
      else setStep({ at: 'merging', wanted, keymap, merge })
    }
  }, [query, settle])

  const make = useCallback((wanted: WantedChange) => {
    const path = { application: wanted.application }
    // The version that the page shows: what somebody else did since is then noticed.
    queries.query({ queryKey: ['kit', 'keymap', wanted.application, query], queryFn: () => answer(api.GET('/applications/{application}/keymap', { params: { path, query } })), staleTime: Infinity })
      .then((keymap) => keymap.id === null
        ? setStep({ at: 'naming', wanted, error: null })
        : write(wanted, keymap.id, keymap.version, false))
      .catch((error: unknown) => { setNotice({ error: error as Error }) })
  }, [query, write])

  const copy = useCallback(async (wanted: WantedChange, name: string) => {
    try {
      const body = { name, title: wanted.title, change: wanted.change }
      await settle(wanted, await answer(api.POST('/applications/{application}/keymaps', { params: { path: { application: wanted.application }, query }, body })))
    } catch (error) {
      setStep({ at: 'naming', wanted, error: error as Error })
    }
  }, [query, settle])

  const undo = useCallback(async (keymap: Schema['Keymap']) => {
    if (keymap.id === null) return
    try {
      await answer(api.POST('/keymaps/{keymap}/undo', { params: { path: { keymap: keymap.id }, query }, body: { version: keymap.version } }))
      setNotice({ text: `Undone: ${keymap.undo ?? ''}.` })
    } catch (error) {
      setNotice({ error: error as Error })
    }
    await forgetKit()
  }, [query])

  const rest = () => { setStep({ at: 'rest' }) }
  return (
    <ChangeContext value={make}>
      {children}
      <Notice notice={notice} onUndo={(keymap) => void undo(keymap)} onClose={() => { setNotice(null) }} />
      {step.at === 'naming' && <NameDialog wanted={step.wanted} error={step.error} onName={(name) => void copy(step.wanted, name)} onCancel={rest} />}
      {step.at === 'merging' && (
        <MergeDialog
          wanted={step.wanted} merge={step.merge} onCancel={() => { rest(); void forgetKit() }}
          onMerge={() => void write(step.wanted, step.keymap, step.merge.version, true)}
        />
      )}
    </ChangeContext>
  )
}
