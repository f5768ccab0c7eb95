import type { ReactNode } from 'react'
import css from './Empty.module.css'

/** Instead of a list that has nothing in it: why, and what to do next. */
export function Empty({ children }: { children: ReactNode }) {
  return (
    <div className={css.empty} role="status">
      <p>{children}</p>
    </div>
  )
}
