import { Link } from 'react-router'
import { useFamiliarity, useSuites } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'

/** How much of what one's hands know does the same in another room, and what does not. */
export function Familiarity() {
  const [read, write] = useAddress()
  const rooms = useSuites().data?.suites ?? []
  const room = read('room') === '' ? rooms[0]?.id ?? '' : read('room')
  const familiarity = useFamiliarity(room)
  return (
    <>
      <div className="place-head">
        <label className="at-start">My kit in{' '}
          <select className="form-select form-select-sm" value={room} onChange={(event) => { write({ room: event.target.value }) }}>
            {rooms.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}
          </select>
        </label>
      </div>
      <Asking of={familiarity}>
        {({ suite, share, known, surprises }) => (
          <>
            <p>{share === null ? `Your kit has no chord for the applications of ${suite.name}.` : <><strong>{share < 1 ? Math.min(99, Math.round(share * 100)) : 100} %</strong> of what your hands know does the same in {suite.name}, the most used counting more: {known - surprises.length} of {known} chords.</>}</p>
            {surprises.length === 0 ? <div className="empty"><p><strong>No surprise waits there.</strong></p></div> : (
              <table className="findings friends">
                <thead><tr><th scope="col">Chord</th><th scope="col">You expect</th><th scope="col">There</th></tr></thead>
                <tbody>
                  {surprises.map((one) => (
                    <tr key={`${one.application.id} ${one.binding.id}`} data-dangerous={one.is_dangerous}>
                      <td><Keys chord={one.binding.chord} /></td>
                      <td>{one.expected.name} <span className="quiet">{one.binding.context.name}, {one.application.name}</span></td>
                      <td>{one.is_dangerous && <b className="danger">destroys: </b>}{one.instead === null ? 'nothing' : <Link to={`/remap/${one.application.id}?command=${encodeURIComponent(one.instead.id)}`}>{one.instead.name}</Link>} <span className="quiet">{one.sentence}</span></td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </>
        )}
      </Asking>
    </>
  )
}
