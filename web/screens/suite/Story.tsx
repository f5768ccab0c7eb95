import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { SUITES } from '../../api/keys'
import { clock } from './words'
import css from './suite.module.css'

/** Who did what in a suite, when and why; the latest first, earlier ones on request. */
export function Story({ page }: { page: Schema['SuitePage'] }) {
  const last = page.story.at(-1)
  return (
    <section aria-label="What happened here">
      <h2>What happened here</h2>
      {page.story.length === 0 ? (
        <p className="quiet">Nothing yet.</p>
      ) : (
        <ol className={css.story}>
          <Events of={page.story} />
          {page.has_more && last !== undefined && <Earlier suite={page.suite.id} before={last.id} />}
        </ol>
      )}
    </section>
  )
}

function Events({ of }: { of: Schema['SuiteEvent'][] }) {
  return of.map(({ id, at, who, kind, what, why }) => (
    <li key={id} data-kind={kind}>
      <time dateTime={at}>{clock(at)}</time>
      <span>
        {what}
        {why !== null && <q>{why}</q>} <small>{who ?? 'by itself'}</small>
      </span>
    </li>
  ))
}

function Earlier({ suite, before }: { suite: string; before: number }) {
  const [isAsked, ask] = useState(false)
  const page = useQuery({
    queryKey: [...SUITES, suite, 'story', before],
    queryFn: () => answer(api.GET('/suites/{suite}', { params: { path: { suite }, query: { before } } })),
    enabled: isAsked,
    staleTime: Infinity,
  }).data
  if (page === undefined) {
    return (
      <li>
        <button type="button" className="plain" disabled={isAsked} onClick={() => ask(true)}>
          {isAsked ? 'One moment …' : 'earlier'}
        </button>
      </li>
    )
  }
  const last = page.story.at(-1)
  return (
    <>
      <Events of={page.story} />
      {page.has_more && last !== undefined && <Earlier suite={suite} before={last.id} />}
    </>
  )
}
