import { useApplications } from '../api/applications'
import { useSuites } from '../api/suites'
import { Asking } from './Asking'
import css from './Checks.module.css'
import { cx } from './cx'

interface ChecksProps {
  legend: string
  options: { id: string; name: string }[]
  chosen: readonly string[]
  /** As few as make sense. */
  least?: number
  onChoose: (chosen: string[]) => void
  className?: string | undefined
}

/** Several of a few. */
export function Checks({ legend, options, chosen, least = 0, onChoose, className }: ChecksProps) {
  return (
    <fieldset className={cx(css.checks, className)}>
      <legend>{legend}</legend>
      {options.map(({ id, name }) => (
        <label key={id}>
          <input
            type="checkbox"
            checked={chosen.includes(id)}
            disabled={chosen.length <= least && chosen.includes(id)}
            onChange={(event) =>
              onChoose(options.map((one) => one.id).filter((one) => (one === id ? event.target.checked : chosen.includes(one))))
            }
          />{' '}
          {name}
        </label>
      ))}
    </fieldset>
  )
}

interface ApplicationProps {
  legend: string
  least: number
  /** Ids with commas between; empty for all. */
  chosen: string
  /** An application that cannot be chosen. */
  but?: string
  onChoose: (applications: string) => void
}

/** Which applications are compared, or taken from. */
export function ApplicationChecks({ legend, least, chosen, but, onChoose }: ApplicationProps) {
  return (
    <Asking of={useApplications()}>
      {({ applications }) => {
        const all = applications.filter(({ id, is_desktop }) => !is_desktop && id !== but)
        const ids = chosen === '' ? all.map(({ id }) => id) : chosen.split(',')
        return (
          <Checks
            className={css.spaced}
            legend={legend}
            least={least}
            options={all}
            chosen={ids}
            onChoose={(next) => onChoose(next.length === all.length ? '' : next.join(','))}
          />
        )
      }}
    </Asking>
  )
}

/** The suites whose keyboards a chord must work at too. */
export function SuiteChecks({
  legend,
  chosen,
  onChoose,
}: {
  legend: string
  chosen: readonly string[]
  onChoose: (suites: string[]) => void
}) {
  return <Asking of={useSuites()}>{({ suites }) => <Checks legend={legend} options={suites} chosen={chosen} onChoose={onChoose} />}</Asking>
}
