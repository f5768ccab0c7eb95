import { useState } from 'react'
import type { Schema } from '../../api/client'
import { useWatchedSuites } from '../../api/suites'
import { Asking } from '../../parts/Asking'
import { Choice } from '../../parts/Choice'
import { Empty } from '../../parts/Empty'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import table from '../../parts/table.module.css'
import { useSettled } from '../../parts/useSettled'
import { usePeople } from '../person/queries'
import { asked, useJournal, useJournalProof, type Narrowed } from './queries'
import { inWords } from './words'
import css from './journal.module.css'

const ALL: Narrowed = { words: '', person: '', suite: '', keymap: '', day: '' }

/** Who did what to what, when, and from where. */
export function JournalView() {
  const [narrowed, setNarrowed] = useState(ALL)
  const settled = useSettled(narrowed, 250)
  const journal = useJournal(settled)
  const people = usePeople().data?.people ?? []
  const suites = useWatchedSuites().data?.suites ?? []
  const narrow = (more: Partial<Narrowed>) => setNarrowed({ ...narrowed, ...more })
  const csv = new URLSearchParams(Object.entries(asked(settled)).map(([name, value]) => [name, String(value)]))
  return (
    <>
      <form className={css.narrow} role="search" aria-label="Narrow the journal" onSubmit={(event) => event.preventDefault()}>
        <label>
          Words
          <input
            type="search"
            className="form-control form-control-sm"
            value={narrowed.words}
            onChange={(event) => narrow({ words: event.target.value })}
          />
        </label>
        <Choice label="Person" none="everybody" value={narrowed.person} of={people} onChange={(person) => narrow({ person })} />
        <Choice label="Suite" none="any or none" value={narrowed.suite} of={suites} onChange={(suite) => narrow({ suite })} />
        <label>
          Day
          <input
            type="date"
            className="form-control form-control-sm"
            value={narrowed.day}
            onChange={(event) => narrow({ day: event.target.value })}
          />
        </label>
        <a href={`/api/journal.csv?${csv}`} download>
          As a table (CSV)
        </a>
      </form>
      {narrowed.keymap !== '' && (
        <p>
          Of one keymap alone.{' '}
          <button type="button" className="plain" onClick={() => narrow({ keymap: '' })}>
            Of all again
          </button>
        </p>
      )}
      <Proof />
      <Asking of={journal}>
        {({ pages }) => {
          const entries = pages.flatMap((page) => page.entries)
          return entries.length === 0 ? (
            <Empty>Nothing of that kind has happened. Narrow it less.</Empty>
          ) : (
            <Entries entries={entries} onKeymap={(keymap) => narrow({ keymap })} />
          )
        }}
      </Asking>
      {journal.isFetchNextPageError && <ProblemNote error={journal.error} onRetry={() => void journal.fetchNextPage()} />}
      {journal.hasNextPage && (
        <button type="button" className="plain" disabled={journal.isFetchingNextPage} onClick={() => void journal.fetchNextPage()}>
          Earlier
        </button>
      )}
    </>
  )
}

function Proof() {
  return (
    <Asking of={useJournalProof()}>
      {({ entries, fault }) =>
        fault === null ? (
          <p className="quiet">{entries} entries, all as they were written.</p>
        ) : (
          <Warning>
            <p>
              <strong>The journal is not as it was written.</strong> {fault}
            </p>
            <p>Somebody has changed the database by hand. Compare it with a backup.</p>
          </Warning>
        )
      }
    </Asking>
  )
}

interface EntriesProps {
  entries: Schema['JournalEntry'][]
  onKeymap: (keymap: string) => void
}

function Entries({ entries, onKeymap }: EntriesProps) {
  return (
    <table className={table.findings}>
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">Who</th>
          <th scope="col">What</th>
          <th scope="col">From</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((entry) => (
          <tr key={entry.id}>
            <td className={css.at}>
              <time dateTime={entry.at}>{new Date(entry.at).toLocaleString()}</time>
            </td>
            <td>{entry.person ?? <span className="quiet">by itself</span>}</td>
            <td>
              {inWords(entry)}{' '}
              {entry.subject_kind === 'keymap' && (
                <button type="button" className="plain" onClick={() => onKeymap(entry.subject_id ?? '')}>
                  this keymap alone
                </button>
              )}
              {typeof entry.details.why === 'string' && <span className={table.difference}>“{entry.details.why}”</span>}
            </td>
            <td className="quiet">{entry.address}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
