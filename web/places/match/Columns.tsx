import { useApplications } from '../../api/queries'

interface Props {
  legend: string
  /** As few as make sense. */
  least: number
  /** Ids with commas between; empty for all. */
  chosen: string
  /** An application that cannot be chosen. */
  but?: string
  onChoose: (applications: string) => void
}

/** Which applications are meant. */
export function Columns({ legend, least, chosen, but, onChoose }: Props) {
  const all = (useApplications().data?.applications ?? []).filter(({ id, is_desktop }) => !is_desktop && id !== but)
  const ids = chosen === '' ? all.map(({ id }) => id) : chosen.split(',')
  return (
    <fieldset className="rooms-choice columns-choice">
      <legend>{legend}</legend>
      {all.map(({ id, name }) => (
        <label key={id}>
          <input
            type="checkbox" checked={ids.includes(id)} disabled={ids.length <= least && ids.includes(id)}
            onChange={(event) => {
              const next = all.map((one) => one.id).filter((one) => one === id ? event.target.checked : ids.includes(one))
              onChoose(next.length === all.length ? '' : next.join(','))
            }}
          /> {name}
        </label>
      ))}
    </fieldset>
  )
}
