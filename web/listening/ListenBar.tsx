import { LISTEN_KEY, useListening } from './Listening'
import css from './listening.module.css'

/** The one control for listening, and the bar that shows that it is on. */
export function ListenButton() {
  const { isListening, purpose, toggle } = useListening()
  return (
    <button type="button" className={css.listenButton} aria-pressed={isListening} disabled={purpose === null} onClick={toggle}>
      <span>{isListening ? 'Stop listening' : 'Listen'}</span>
      <kbd>{LISTEN_KEY}</kbd>
    </button>
  )
}

export function ListenBar() {
  const { isListening, held, purpose } = useListening()
  return (
    <div className={css.listenBar} role="status" data-on={isListening}>
      {isListening && (
        <>
          <strong>Listening.</strong> Press a chord {purpose}.{held.length > 0 && <> You hold {held.join(' and ')}.</>}
          <span className={css.listenStop}>{LISTEN_KEY} stops it. What the browser reserves can be clicked on the board in Remap.</span>
        </>
      )}
    </div>
  )
}
