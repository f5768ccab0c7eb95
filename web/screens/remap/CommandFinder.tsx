import { useDeferredValue, useRef, useState, type KeyboardEvent, type RefObject } from 'react'
import { useFind } from '../find/queries'
import { Asking } from '../../parts/Asking'
import { HeldKeys, KeysList } from '../../parts/Keys'
import { useTakeFirst } from '../../parts/useTakeFirst'
import { beginDrag } from '../../board/dragging'
import css from './remap.module.css'
import layout from '../../parts/layout.module.css'

const MOST = 12

interface Props {
  field: RefObject<HTMLInputElement | null>
  application: string
  chosen: string
  onChoose: (command: string) => void
}

/** Finds a command of one application by whatever word is known. Enter takes the first, arrows choose, each can be dragged onto a key. */
export function CommandFinder({ field, application, chosen, onChoose }: Props) {
  const [words, setWords] = useState('')
  const hits = useRef<HTMLUListElement>(null)
  const asked = useDeferredValue(words)
  const found = useFind(asked, { application })
  const isAnswered = asked === words && !found.isPlaceholderData && found.data !== undefined
  const all = (found.data?.answers ?? []).flatMap(({ intent, hits: here }) => here.map((hit) => ({ ...hit, intent }))).slice(0, MOST)

  const choose = (command: string) => {
    setWords('')
    onChoose(command)
  }
  const enter = useTakeFirst(isAnswered ? all[0]?.command.id : null, choose)

  const move = (event: KeyboardEvent<HTMLElement>) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
    if (step === 0) return
    event.preventDefault()
    const buttons = [...(hits.current?.querySelectorAll('button') ?? [])]
    const next = buttons.findIndex((one) => one === document.activeElement) + step
    if (next < 0) field.current?.focus()
    else buttons[Math.min(next, buttons.length - 1)]?.focus()
  }

  return (
    // The buttons inside are the controls; the frame only hears the arrows that come up from them.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <section className={css.finder} aria-label="Find the command" onKeyDown={move}>
      <label htmlFor="finder-words">Find the command</label>
      <input
        id="finder-words"
        ref={field}
        data-lives-by
        type="search"
        autoComplete="off"
        placeholder="split, razor, fade …"
        value={words}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && words.trim() !== '') enter.take()
          if (event.key === 'Escape') setWords('')
        }}
        onChange={(event) => {
          enter.forget()
          setWords(event.target.value)
        }}
      />
      {words.trim() !== '' && (
        <Asking of={found}>
          {() =>
            all.length === 0 ? (
              <p className="quiet" role="status">
                No command of this application fits “{words}”.
              </p>
            ) : (
              <ul className={css.finderHits} ref={hits}>
                {all.map((hit, index) => (
                  <li key={hit.command.id}>
                    <button
                      type="button"
                      draggable
                      aria-pressed={hit.command.id === chosen}
                      data-first={index === 0}
                      onDragStart={(event) => beginDrag(event, { kind: 'command', command: hit.command.id })}
                      onClick={() => choose(hit.command.id)}
                    >
                      <span className={css.hitName}>{hit.command.name}</span>{' '}
                      {hit.holds.length === 0 ? <KeysList chords={hit.chords} /> : <HeldKeys taps={hit.chords} holds={hit.holds} />}
                      <span className={layout.hitWhere}>
                        {hit.context.name}
                        {hit.intent !== null && ` · ${hit.intent.name}`}
                      </span>
                    </button>
                  </li>
                ))}
              </ul>
            )
          }
        </Asking>
      )}
    </section>
  )
}
