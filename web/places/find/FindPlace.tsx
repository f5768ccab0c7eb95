import { useDeferredValue } from 'react'
import { useFind, useWho } from '../../api/queries'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { Hits } from './Hits'
import { WhoGetsIt } from './WhoGetsIt'

/** Looking up: a word, or a chord. The later of the two is answered. */
export function FindPlace() {
  const [read] = useAddress()
  const chord = read('chord')
  const [words, type] = useAddressText('words')
  const who = useWho(chord)
  const hits = useFind(useDeferredValue(words))
  useChords('to see what it does in every application', (pressed) => { type('', { chord: pressed }) })

  return (
    <>
      <h1 className="visually-hidden">Find</h1>
      <div className="find-field">
        <label htmlFor="find-words">What do you want to do?</label>
        <input
          id="find-words" type="search" autoComplete="off" placeholder="a word from a menu or a tooltip, such as razor, or press F9 and then a key"
          value={words} onChange={(event) => { type(event.target.value, { chord: '' }) }}
        />
      </div>
      {words !== '' && <Asking of={hits}>{(data) => <Hits words={words} hits={data.hits} />}</Asking>}
      {chord !== '' && <Asking of={who}>{(data) => <WhoGetsIt who={data} />}</Asking>}
      {words === '' && chord === '' && (
        <div className="empty">
          <p><strong>Write a word</strong> from a menu or a tooltip, or what another program calls it: the commands of every application that fit are shown with their chords.</p>
          <p><strong>Or press F9 and then any chord:</strong> who gets it is shown for every application, wherever the focus is.</p>
        </div>
      )}
    </>
  )
}
