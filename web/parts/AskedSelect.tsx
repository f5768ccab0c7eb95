import type { UseQueryResult } from '@tanstack/react-query'
import { useApplications } from '../api/applications'
import { useSuites } from '../api/suites'
import type { Schema } from '../api/client'

interface Option {
  id: string
  name: string
}

interface Props<T> {
  of: UseQueryResult<T>
  options: (data: T) => Option[]
  value: string
  onChoose: (value: string) => void
  /** What choosing nothing is called; without it something is always chosen. */
  none?: string
  /** What the list is for, where no label stands beside it. */
  label?: string
  className?: string
}

/**
 * A list to choose from that comes from the server. While it is on its way, and when it did not come, it says so and can be asked for
 * again.
 */
export function AskedSelect<T>({ of, options, value, onChoose, none, label, className }: Props<T>) {
  if (of.data === undefined && of.error !== null) {
    return (
      <button type="button" className="plain" onClick={() => void of.refetch()}>
        The list did not come; ask again
      </button>
    )
  }
  const known = of.data === undefined ? [] : options(of.data)
  return (
    <select
      aria-label={label}
      className={className}
      value={value}
      disabled={of.data === undefined}
      onChange={(event) => onChoose(event.target.value)}
    >
      {of.data === undefined && <option value={value}>one moment …</option>}
      {of.data !== undefined && none !== undefined && <option value="">{none}</option>}
      {known.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  )
}

type NamedProps = Omit<Props<never>, 'of' | 'options'>

/** @param withDesktop whether menu titles can be chosen as if they were an application */
export function ApplicationSelect({
  withDesktop = false,
  but,
  ...props
}: NamedProps & { withDesktop?: boolean; but?: (application: Schema['Application']) => boolean }) {
  const options = ({ applications }: Schema['Applications']) =>
    applications.filter((one) => (withDesktop || !one.is_desktop) && but?.(one) !== true)
  return <AskedSelect {...props} of={useApplications()} options={options} />
}

export function SuiteSelect(props: NamedProps) {
  return <AskedSelect {...props} of={useSuites()} options={({ suites }) => suites} />
}

interface ContextProps {
  contexts: readonly Schema['TableContext'][] | readonly Schema['Context'][]
  /** Every context as deep as it lies below Everywhere. */
  isTree?: boolean
}

/** The contexts of an application as options of a list. */
export function ContextOptions({ contexts, isTree = false }: ContextProps) {
  return contexts.map(({ id, name, depth }) => (
    <option key={id} value={id}>
      {isTree && '\u2003'.repeat(Math.max(0, depth - 1))}
      {name}
    </option>
  ))
}
