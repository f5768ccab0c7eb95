import css from './board.module.css'
import type { TableApplication } from './table'

/** As many shapes as are told apart at a glance. */
const SHAPES = 6

/** For each context the first letter of its name that no context before it has taken. */
export function contextLetters(contexts: readonly { name: string }[]): string[] {
  const taken = new Set<string>()
  return contexts.map(({ name }) => {
    const letter = Array.from(name.toUpperCase()).find((one) => /\p{L}/u.test(one) && !taken.has(one)) ?? '·'
    taken.add(letter)
    return letter
  })
}

/** A context by letter and shape, so that it is told in grey as well. */
export function ContextMark({ application, index }: { application: TableApplication; index: number }) {
  const context = application.contexts[index]
  return (
    <i className={css.contextMark} data-shape={index % SHAPES} aria-hidden="true" title={context?.name}>
      {contextLetters(application.contexts)[index]}
    </i>
  )
}

/** What the marks stand for. */
export function ContextLegend({ application }: { application: TableApplication }) {
  return (
    <span className={css.contextLegend}>
      {application.contexts.map(({ id, name }, index) => (
        <span key={id}>
          <ContextMark application={application} index={index} /> {name}
        </span>
      ))}
    </span>
  )
}
