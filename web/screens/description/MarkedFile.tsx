import { useRef, type KeyboardEvent } from 'react'
import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import { useAddress } from '../../parts/useAddress'
import type { PartProps } from './DescriptionScreen'
import type { Position } from './Pointed'
import { MARKS, tokens } from './words'
import css from './description.module.css'

const AT_ONCE = 120

interface Props extends PartProps {
  position: Position | null
  onPoint: (position: Position) => void
}

/** The lines of a key file; whatever was understood is marked by shape and name, whatever was left says why. */
export function MarkedFile({ brought, window, position, onPoint }: Props) {
  const [, write] = useAddress()
  const list = useRef<HTMLOListElement>(null)
  const { lines, line_count: count, proof } = brought
  const from = window.from
  const goTo = (line: number) => write({ from: line <= 1 ? '' : String(line) }, { replace: true })
  const nextLeft = proof.left.find(({ line }) => line >= from + lines.length) ?? proof.left[0]

  /** One stop of the tab key; the arrows go from word to word and from line to line. */
  function onKeyDown(event: KeyboardEvent) {
    const all = [...(list.current?.querySelectorAll<HTMLButtonElement>('button[data-token]') ?? [])]
    const at = all.indexOf(event.target as HTMLButtonElement)
    if (at < 0) return
    const line = all[at]?.dataset.line
    const jump = (way: 1 | -1) => {
      for (let other = at + way; other >= 0 && other < all.length; other += way) if (all[other]?.dataset.line !== line) return other
      return at
    }
    const next =
      event.key === 'ArrowRight'
        ? at + 1
        : event.key === 'ArrowLeft'
          ? at - 1
          : event.key === 'ArrowDown'
            ? jump(1)
            : event.key === 'ArrowUp'
              ? jump(-1)
              : null
    if (next === null || all[next] === undefined) return
    event.preventDefault()
    for (const one of all) one.tabIndex = -1
    all[next].tabIndex = 0
    all[next].focus()
  }

  const first = lines.find((line) => tokens(line).length > 0)?.number
  return (
    <section aria-label={`The key file ${brought.files[0] ?? ''}`} className={css.marked}>
      <div className={css.tools}>
        <span>
          Lines {from}–{Math.min(count, from + AT_ONCE - 1)} of {count.toLocaleString()}
        </span>
        {count > AT_ONCE && (
          <>
            {' '}
            <button className="btn btn-outline-secondary btn-sm" disabled={from <= 1} onClick={() => goTo(Math.max(1, from - AT_ONCE))}>
              Earlier
            </button>
            <button className="btn btn-outline-secondary btn-sm" disabled={from + AT_ONCE > count} onClick={() => goTo(from + AT_ONCE)}>
              Later
            </button>
          </>
        )}
        {proof.left_count > 0 && nextLeft !== undefined && (
          <button className="btn btn-outline-secondary btn-sm" onClick={() => goTo(Math.max(1, nextLeft.line - 3))}>
            A line that was not read ({counted(proof.left_count, 'line')})
          </button>
        )}
      </div>
      <p className={css.legend} aria-hidden>
        <span data-is="command">what runs</span> <span data-is="chord">chord</span> <span data-is="context">context</span>{' '}
        <span data-is="title">name for people</span> <span data-left="true">not read</span>
      </p>
      <ol ref={list} className={css.lines} start={from} aria-label="Lines; point at a word to say what it is">
        {lines.map((line) => (
          <li key={line.number} data-left={line.left !== null} value={line.number}>
            <Line line={line} position={position} takesTab={line.number === first} onKeyDown={onKeyDown} onPoint={onPoint} />
          </li>
        ))}
      </ol>
    </section>
  )
}

interface LineProps {
  line: Schema['MarkedLine']
  position: Position | null
  takesTab: boolean
  onKeyDown: (event: KeyboardEvent) => void
  onPoint: (position: Position) => void
}

function Line({ line, position, takesTab, onKeyDown, onPoint }: LineProps) {
  const cut = tokens(line)
  const characters = Array.from(line.text)
  return (
    <>
      <code>
        {cut.map((token, index) => {
          const isHere = position?.line === line.number && position.from === token.from
          return (
            <span key={token.from}>
              {token.before}
              <button
                type="button"
                data-token
                data-line={line.number}
                data-is={token.is ?? undefined}
                aria-pressed={isHere}
                aria-label={
                  token.is === null ? undefined : `${token.text}, ${MARKS[token.is]}${token.means === '' ? '' : ` ${token.means}`}`
                }
                title={token.is === null ? undefined : `${MARKS[token.is]} ${token.means}`}
                tabIndex={takesTab && index === 0 ? 0 : -1}
                onKeyDown={onKeyDown}
                onClick={() => onPoint({ line: line.number, from: token.from, to: token.to, text: token.text })}
              >
                {token.text}
              </button>
            </span>
          )
        })}
        {characters.slice(cut.at(-1)?.to ?? 0).join('')}
      </code>
      {line.left !== null && <span className={css.left}>Not read: {line.left}</span>}
    </>
  )
}
