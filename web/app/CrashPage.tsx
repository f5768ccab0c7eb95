import { Link, useRouteError } from 'react-router'
import lone from '../parts/LonePage.module.css'

/** Instead of a blank screen. */
export function CrashPage() {
  const error = useRouteError()
  return (
    <main className={lone.lonePage}>
      <h1>This page broke off</h1>
      <p>
        Your keymaps are safe: whatever was confirmed is saved. What the page said last:{' '}
        {error instanceof Error ? error.message : 'nothing'}.
      </p>
      <p>
        <a href={window.location.href}>Load the page again</a> or{' '}
        <Link to="/find" reloadDocument>
          go to Find
        </Link>
        .
      </p>
    </main>
  )
}
