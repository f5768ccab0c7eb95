import { LISTEN_KEYS } from './listenKey'
import { useListening } from './Listening'
import css from './listening.module.css'

/** The one control for listening. */
export function ListenButton() {
  const { isListening, purpose, startKey, toggle } = useListening()
  return (
    <button type="button" className={css.listenButton} aria-pressed={isListening} disabled={purpose === null} onClick={toggle}>
      <span>{isListening ? 'Stop listening' : 'Listen'}</span>
      <kbd>{startKey}</kbd>
    </button>
  )
}

/** Shows whether the page listens, and what for. It has its line always, so that nothing jumps when it begins. */
export function ListenBar() {
  const { isListening, held, purpose, startKey, chooseStartKey } = useListening()
  return (
    <div role="region" aria-label="Listening" className={css.listenBar} data-on={isListening}>
      <span role="status">
        {isListening && (
          <>
            <strong>Listening.</strong> Press a chord {purpose}.{held.length > 0 && <> You hold {held.join(' and ')}.</>}
          </>
        )}
      </span>
      {isListening ? (
        <span>{startKey} stops it; pressed twice it is the chord. What the browser keeps can be clicked on the board.</span>
      ) : (
        <label className={css.startKey}>
          Listen with{' '}
          <select value={startKey} onChange={(event) => chooseStartKey(event.target.value)}>
            {LISTEN_KEYS.map((key) => (
              <option key={key} value={key}>
                {key}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  )
}
