import { useDeferredValue, useRef } from 'react'
import { useNavigate } from 'react-router'
import { useTable } from '../../board/queries'
import { BoardPanel } from '../../board/BoardPanel'
import { allContexts, layerId, contextIndex, splitPress, type Table } from '../../board/table'
import { useChords } from '../../listening/Listening'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { Asking } from '../../parts/Asking'
import { remember, remembered } from '../../parts/remembered'
import { useAddress } from '../../parts/useAddress'
import { useAddressStore } from '../../parts/useAddressStore'
import { useAddressText } from '../../parts/useAddressText'
import { useStoredAs, type Store } from '../../parts/store'
import { useStable } from '../../parts/useStable'
import { useTakeFirst } from '../../parts/useTakeFirst'
import { useTypingInto } from '../../parts/useTypingInto'
import { Answers, leadOf } from './Answers'
import { DetectedKeyboard } from './DetectedKeyboard'
import { FocusChoice } from './FocusChoice'
import { Narrow } from './Narrow'
import { useFind } from './queries'
import { toChord } from './leads'
import { useTellLook } from '../../api/look'
import { WhoGetsIt } from './WhoGetsIt'
import css from './find.module.css'
import { NoApplication } from '../../parts/NoApplication'
import { Warning } from '../../parts/ProblemNote'
import { ScreenHeading } from '../../parts/ScreenHead'

/** Looking up: a word, or a chord, or a look over the board. The later of the first two is answered. */
export function FindScreen() {
  const [read, write] = useAddress()
  const words = useAddressText('words', true)
  const chord = useAddressStore('chord')
  const table = useTable()
  const navigate = useNavigate()
  const field = useRef<HTMLInputElement>(null)
  const answers = useRef<HTMLDivElement>(null)
  const narrowed = { application: read('application'), context: read('context'), only: read('only') }
  const asked = useDeferredValue(words.text)
  const found = useFind(asked, narrowed)
  const spelled = words.text === '' ? null : (found.data?.chord ?? null)
  useTypingInto(field)
  useChords('to see what it does in every application', (pressed) => {
    words.show('')
    chord.give(pressed, { words: '', layer: splitPress(pressed).layer }, { isLater: true })
  })

  const press = useStable((next: string) => chord.give(next, {}, { isLater: true }))

  const isAnswered = !found.isPlaceholderData && asked === words.text && found.data !== undefined
  const lead = found.data?.answers[0] === undefined ? undefined : (leadOf(found.data.answers[0]) ?? undefined)
  const enter = useTakeFirst(isAnswered ? lead : null, (to: string) => void navigate(to))

  return (
    <>
      <ScreenHeading isHidden takesFocus={false}>
        Find
      </ScreenHeading>
      <RefusedKeymaps />
      <div className={css.findField}>
        <label htmlFor="find-words">What do you want to do?</label>
        <input
          id="find-words"
          ref={field}
          data-lives-by
          type="search"
          autoComplete="off"
          placeholder="a word from a menu or a tooltip, such as razor; a chord; or press F9 and then a key"
          value={words.text}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && words.text.trim() !== '') enter.take()
            if (event.key === 'ArrowDown') {
              event.preventDefault()
              answers.current?.querySelector<HTMLAnchorElement>('a')?.focus()
            }
          }}
          onChange={(event) => {
            chord.set('')
            enter.forget()
            words.set(event.target.value, { chord: '' })
          }}
        />
      </div>
      {words.text !== '' && (
        <>
          <Narrow {...narrowed} grouping={read('by')} onNarrow={write} />
          <div ref={answers}>
            <Asking of={found}>
              {(data) => (
                <>
                  {data.chord_problem !== null && <Warning>{data.chord_problem}</Warning>}
                  {spelled !== null && (
                    <p className="quiet">
                      Read as a chord:{' '}
                      <button
                        type="button"
                        className="plain"
                        onClick={() => {
                          words.show('')
                          chord.give(spelled.id, { words: '' })
                        }}
                      >
                        who gets {spelled.label}?
                      </button>
                    </p>
                  )}
                  <Answers words={words.text} found={data} isByMenu={read('by') === 'menu'} onLeave={() => field.current?.focus()} />
                </>
              )}
            </Asking>
          </div>
        </>
      )}
      {words.text === '' && <Asking of={table}>{(data) => <LookOver table={data} chord={chord} onPress={press} />}</Asking>}
    </>
  )
}

interface LookOverProps {
  table: Table
  chord: Store<string>
  onPress: (press: string) => void
}

/** One application and the context with the focus decide all that is shown; both stand in the address, and are remembered. */
function LookOver({ table, chord, onPress }: LookOverProps) {
  const [read, write] = useAddress()
  const navigate = useNavigate()
  const showLayer = useStable((next: string) => {
    write({ layer: next }, { replace: true })
  })
  const isAsked = useStoredAs(chord, (one) => one !== '')
  const named = read('application')
  const application =
    table.applications.find(({ id }) => id === named) ??
    table.applications.find(({ id }) => id === remembered('application')) ??
    table.applications[0]
  const isSame = named === '' || named === remembered('application')
  const wanted = read('context') === '' && isSame ? remembered('context') : read('context')
  const isAll = wanted === 'all'
  const context = application === undefined ? 0 : isAll ? allContexts(application) : contextIndex(application, wanted)
  const contextId = isAll ? 'all' : (application?.contexts[context]?.id ?? '')
  useTellLook(application?.id ?? '', contextId)
  const choose = useStable((press: string) => {
    // Once more on the key that is looked at leads to changing it.
    if (press === chord.get() && application !== undefined) void navigate(toChord(application.id, press, isAll ? '' : contextId))
    else onPress(press)
  })
  const chooseFocus = useStable((next: Record<string, string>) => {
    if (next.application !== undefined) remember('application', next.application)
    remember('context', next.context ?? '')
    write(next)
  })
  if (application === undefined) return <NoApplication />
  const look = { table, chord, application, context }
  return (
    <>
      {isAsked && <WhoGetsIt {...look} part="summary" onLayer={showLayer} />}
      <FocusChoice table={table} application={application} context={contextId} onChoose={chooseFocus} />
      <BoardPanel
        table={table}
        application={application}
        context={context}
        layer={layerId(read('layer').split('+'))}
        onLayer={showLayer}
        chosen={chord}
        onPress={choose}
        secondPress="changes it"
      />
      {isAsked && <WhoGetsIt {...look} part="ladders" onLayer={showLayer} />}
      <DetectedKeyboard table={table} />
    </>
  )
}
