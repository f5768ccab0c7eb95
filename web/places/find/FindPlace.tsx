import { useDeferredValue } from 'react'
import { useFind, useTable } from '../../api/queries'
import { BoardPanel } from '../../board/BoardPanel'
import { allPlaces, layerId, placeOf, splitPress, type Table } from '../../board/table'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { useStable } from '../../parts/useStable'
import { Answers } from './Answers'
import { FocusChoice } from './FocusChoice'
import { Narrow } from './Narrow'
import { WhoGetsIt } from './WhoGetsIt'

/** Looking up: a word, or a chord, or a look over the board. The later of the first two is answered. */
export function FindPlace() {
  const [read, write] = useAddress()
  const [words, type, showWords] = useAddressText('words')
  const [chord, press, showChord] = useAddressText('chord')
  const table = useTable()
  const narrowed = { application: read('application'), context: read('context'), only: read('only') }
  const found = useFind(useDeferredValue(words), narrowed)
  const spelled = words === '' ? null : found.data?.chord ?? null
  useChords('to see what it does in every application', (pressed) => { showWords(''); press(pressed, { words: '', layer: splitPress(pressed).layer }) })

  return (
    <>
      <h1 className="visually-hidden">Find</h1>
      <div className="find-field">
        <label htmlFor="find-words">What do you want to do?</label>
        <input
          id="find-words" type="search" autoComplete="off" placeholder="a word from a menu or a tooltip, such as razor; a chord; or press F9 and then a key"
          value={words} onChange={(event) => { showChord(''); type(event.target.value, { chord: '' }) }}
        />
      </div>
      {words !== '' && (
        <>
          <Narrow {...narrowed} onNarrow={write} />
          <Asking of={found}>
            {(data) => (
              <>
                {data.chord_problem !== null && <p className="problem" role="alert">{data.chord_problem}</p>}
                {spelled !== null && <p className="quiet">Read as a chord: <button type="button" className="plain" onClick={() => { showWords(''); press(spelled.id, { words: '' }) }}>who gets {spelled.label}?</button></p>}
                <Answers words={words} answers={data.answers} />
              </>
            )}
          </Asking>
        </>
      )}
      {words === '' && <Asking of={table}>{(data) => <LookOver table={data} chord={chord} onPress={(next) => { press(next) }} />}</Asking>}
    </>
  )
}

interface LookOverProps { table: Table; chord: string; onPress: (press: string) => void }

/** One application and one place of the focus decide all that is shown; both stand in the address. */
function LookOver({ table, chord, onPress }: LookOverProps) {
  const [read, write] = useAddress()
  const showLayer = useStable((next: string) => { write({ layer: next }) })
  const choose = useStable(onPress)
  // The board marks the key after the answer was painted.
  const marked = useDeferredValue(chord)
  const application = table.applications.find(({ id }) => id === read('application')) ?? table.applications[0]
  if (application === undefined) return <div className="empty"><p><strong>No application is known yet.</strong> Catalogues are read from the folder of the same name when Zebrafinch starts.</p></div>
  const isAll = read('context') === 'all'
  const place = isAll ? allPlaces(application) : placeOf(application, read('context'))
  return (
    <>
      {chord !== '' && <WhoGetsIt table={table} chord={chord} application={application} place={place} />}
      <FocusChoice table={table} application={application} context={isAll ? 'all' : application.contexts[place]?.id ?? ''} onChoose={write} />
      <BoardPanel
        table={table} application={application} place={place} layer={layerId(read('layer').split('+'))} onLayer={showLayer} chosen={marked}
        onPress={choose}
      />
    </>
  )
}
