import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useMemo, useState, type ReactNode } from 'react'
import { ProblemError, type Schema } from '../api/client'
import { KIT } from '../api/keys'
import { laterPart } from '../parts/later'
import { useWrite } from '../parts/useWrite'
import { useSeat } from '../seat/seat'
import { ChangeContext, type WantedChange, type WayBack } from './changes'
import { Notice, type NoticeText } from './Notice'
import { keymapQuery } from './queries'
import { sendWrite, toldOf, type KeymapWrite } from './writes'

const ClashDialog = laterPart(() => import('./ClashDialog'), 'ClashDialog')
const MergeDialog = laterPart(() => import('./MergeDialog'), 'MergeDialog')
const NameDialog = laterPart(() => import('./NameDialog'), 'NameDialog')

type Step =
  | { at: 'rest' }
  | { at: 'naming'; wanted: WantedChange; error: Error | null }
  | { at: 'merging'; wanted: WantedChange; keymap: number; merge: Schema['Merge'] }
  | { at: 'warned'; write: KeymapWrite; consequences: Schema['Consequences'] }

/** The one way by which the page changes keymaps. */
export function ChangeProvider({ children }: { children: ReactNode }) {
  const query = useSeat()
  const client = useQueryClient()
  const [step, setStep] = useState<Step>({ at: 'rest' })
  const [notice, setNotice] = useState<NoticeText | null>(null)
  const rest = () => {
    setStep({ at: 'rest' })
  }

  /** What is missing before it can be written, or that it cannot be. */
  const refused = (write: KeymapWrite, error: Error) => {
    const { merge, consequences }: Partial<Schema['Problem']> = error instanceof ProblemError ? error.problem : {}
    if (consequences !== undefined) setStep({ at: 'warned', write, consequences })
    else if (merge !== undefined && write.do === 'change') setStep({ at: 'merging', wanted: write.wanted, keymap: write.keymap, merge })
    else if (write.do === 'copy') setStep({ at: 'naming', wanted: write.wanted, error })
    else {
      rest()
      setNotice({ error })
    }
  }

  const { send, isSending: isMaking } = useWrite(
    async (write: KeymapWrite) => {
      try {
        const keymap = await sendWrite(write, query)
        rest()
        if (write.do !== 'back') write.wanted.onMade?.()
        const told = { text: toldOf(write), cameOfIt: keymap.came_of_it }
        setNotice(write.do === 'back' && write.way.do !== 'revert' ? told : { ...told, undo: keymap })
      } catch (error) {
        refused(write, error as Error)
      }
    },
    { forgets: [KIT] },
  )

  const make = useCallback(
    (wanted: WantedChange) => {
      // The version that the page shows: what somebody else did since is then noticed.
      client.query({ ...keymapQuery(wanted.application, query), staleTime: Infinity }).then(
        ({ id, version }) => {
          if (id === null) setStep({ at: 'naming', wanted, error: null })
          else send({ do: 'change', wanted, keymap: id, version, despiteClashes: false })
        },
        (error: unknown) => {
          setNotice({ error: error as Error })
        },
      )
    },
    [client, query, send],
  )
  const goBack = useCallback(
    (keymap: Schema['Keymap'], way: WayBack) => {
      send({ do: 'back', way, keymap, version: keymap.version, despiteClashes: false })
    },
    [send],
  )
  const close = useCallback(() => setNotice(null), [])
  const told = useMemo(
    () => <Notice notice={notice} onUndo={(keymap) => goBack(keymap, { do: 'undo' })} onClose={close} />,
    [notice, goBack, close],
  )
  const changes = useMemo(() => ({ make, goBack, isMaking, notice: told }), [make, goBack, isMaking, told])

  return (
    <ChangeContext value={changes}>
      {children}
      {step.at === 'naming' && (
        <NameDialog
          wanted={step.wanted}
          error={step.error}
          isSending={isMaking}
          onCancel={rest}
          onName={(name) => send({ do: 'copy', wanted: step.wanted, name, version: 1, despiteClashes: false })}
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
          onMerge={() =>
            send({
              do: 'change',
              wanted: step.wanted,
              keymap: step.keymap,
              version: step.merge.version,
              despiteClashes: step.merge.consequences?.raises_fault ?? false,
            })
          }
        />
      )}
      {step.at === 'warned' && (
        <ClashDialog
          consequences={step.consequences}
          isSending={isMaking}
          onCancel={rest}
          onGoOn={() => send({ ...step.write, despiteClashes: true })}
        />
      )}
    </ChangeContext>
  )
}
