import { useSuites } from '../../api/queries'

interface Props { chosen: string; onChoose: (rooms: string) => void }

/** The rooms whose keyboards a free chord must work on too. */
export function Rooms({ chosen, onChoose }: Props) {
  const suites = useSuites().data?.suites ?? []
  const rooms = chosen.split(',').filter((one) => one !== '')
  return (
    <fieldset className="rooms-choice">
      <legend>that work too in</legend>
      {suites.map(({ id, name }) => (
        <label key={id}>
          <input type="checkbox" checked={rooms.includes(id)} onChange={(event) => { onChoose((event.target.checked ? [...rooms, id] : rooms.filter((one) => one !== id)).join(',')) }} /> {name}
        </label>
      ))}
    </fieldset>
  )
}
