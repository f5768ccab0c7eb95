import { useDeferredValue } from 'react'
import { useTable } from '../../board/queries'
import { BoardPanel } from '../../board/BoardPanel'
import { allContexts, layerId, contextIndex, splitPress, type Table } from '../../board/table'
import { useChords } from '../../listening/Listening'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { Asking } from '../../parts/Asking'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { useStable } from '../../parts/useStable'
import { Answers } from './Answers'
import { FocusChoice } from './FocusChoice'
import { Narrow } from './Narrow'
import { useFind } from './queries'
import { WhoGetsIt } from './WhoGetsIt'
import css from './find.module.css'
import { Empty } from '../../parts/Empty'
import { Warning } from '../../parts/ProblemNote'
import { ScreenHeading } from '../../parts/ScreenHead'

/** Looking up: a word, or a chord, or a look over the board. The later of the first two is answered. */
export function FindScreen() {
  const [read, write] = useAddress()
  const words = useAddressText('words', true)
  const chord = useAddressText('chord', false)
  const table = useTable()
  const narrowed = { application: read('application'), context: read('context'), only: read('only') }
  const found = useFind(useDeferredValue(words.text), narrowed)
  const spelled = words.text === '' ? null : (found.data?.chord ?? null)
  useChords('to see what it does in every application', (pressed) => {
    words.show('')
    chord.set(pressed, { words: '', layer: splitPress(pressed).layer })
  })

  return (
    <>
      <ScreenHeading isHidden>Find</ScreenHeading>
      <RefusedKeymaps />
      <div className={css.findField}>
        <label htmlFor="find-words">What do you want to do?</label>
        <input
          id="find-words"
          type="search"
          autoComplete="off"
          placeholder="a word from a menu or a tooltip, such as razor; a chord; or press F9 and then a key"
          value={words.text}
          onChange={(event) => {
            chord.show('')
            words.set(event.target.value, { chord: '' })
          }}
        />
      </div>
      {words.text !== '' && (
        <>
          <Narrow {...narrowed} onNarrow={write} />
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
                        chord.set(spelled.id, { words: '' })
                      }}
                    >
                      who gets {spelled.label}?
                    </button>
                  </p>
                )}
                <Answers words={words.text} found={data} />
              </>
            )}
          </Asking>
        </>
      )}
      {words.text === '' && (
        <Asking of={table}>{(data) => <LookOver table={data} chord={chord.text} onPress={(next) => chord.set(next)} />}</Asking>
      )}
    </>
  )
}

interface LookOverProps {
  table: Table
  chord: string
  onPress: (press: string) => void
}

/** One application and the context with the focus decide all that is shown; both stand in the address. */
function LookOver({ table, chord, onPress }: LookOverProps) {
  const [read, write] = useAddress()
  const showLayer = useStable((next: string) => {
    write({ layer: next }, { replace: true })
  })
  const choose = useStable(onPress)
  // The board marks the key after the answer was painted.
  const marked = useDeferredValue(chord)
  const application = table.applications.find(({ id }) => id === read('application')) ?? table.applications[0]
  if (application === undefined)
    return (
      <Empty>
        <strong>No application is known yet.</strong> Catalogues are read from the folder of the same name when Zebrafinch starts.
      </Empty>
    )
  const isAll = read('context') === 'all'
  const context = isAll ? allContexts(application) : contextIndex(application, read('context'))
  return (
    <>
      {chord !== '' && <WhoGetsIt table={table} chord={chord} application={application} context={context} />}
      <FocusChoice
        table={table}
        application={application}
        context={isAll ? 'all' : (application.contexts[context]?.id ?? '')}
        onChoose={write}
      />
      <BoardPanel
        table={table}
        application={application}
        context={context}
        layer={layerId(read('layer').split('+'))}
        onLayer={showLayer}
        chosen={marked}
        onPress={choose}
      />
    </>
  )
}
