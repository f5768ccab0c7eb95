import { useEffect, type ReactNode } from 'react'
import css from './LonePage.module.css'

/** A page outside the frame: the door, and what leads to it. */
export function LonePage({ title, children }: { title: string; children: ReactNode }) {
  useEffect(() => {
    document.title = `${title} · Zebrafinch`
  }, [title])
  return (
    <main className={css.lonePage}>
      <p className={css.brand}>
        <span className={css.brandMark} aria-hidden="true" />
        Zebrafinch
      </p>
      <h1>{title}</h1>
      {children}
    </main>
  )
}
