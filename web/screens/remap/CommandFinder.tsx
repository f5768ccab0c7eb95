import { useDeferredValue, useState } from 'react'
import { useFind } from '../find/queries'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import css from './remap.module.css'
import layout from '../../parts/layout.module.css'

interface Props {
  application: string
  chosen: string
  onChoose: (command: string) => void
}

/** Finds a command of one application by whatever word is known. */
export function CommandFinder({ application, chosen, onChoose }: Props) {
  const [words, setWords] = useState('')
  const found = useFind(useDeferredValue(words), { application })
  return (
    <section className={css.finder} aria-label="Find the command">
      <label htmlFor="finder-words">Find the command</label>
      <input
        id="finder-words"
        type="search"
        autoComplete="off"
        placeholder="split, razor, fade …"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      {words.trim() !== '' && (
        <Asking of={found}>
          {({ answers }) => {
            const here = answers.flatMap(({ intent, hits }) => hits.map((hit) => ({ ...hit, intent })))
            if (here.length === 0)
              return (
                <p className="quiet" role="status">
                  No command of this application fits “{words}”.
                </p>
              )
            return (
              <ul className={css.finderHits}>
                {here.slice(0, 12).map((hit) => (
                  <li key={hit.command.id}>
                    <button type="button" aria-pressed={hit.command.id === chosen} onClick={() => onChoose(hit.command.id)}>
                      <span className={css.hitName}>{hit.command.name}</span> <KeysList chords={hit.chords} />
                      <span className={layout.hitWhere}>
                        {hit.context.name}
                        {hit.intent !== null && ` · ${hit.intent.name}`}
                      </span>
                    </button>
                  </li>
                ))}
              </ul>
            )
          }}
        </Asking>
      )}
    </section>
  )
}
