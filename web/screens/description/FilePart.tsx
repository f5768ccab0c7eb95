import { useState } from 'react'
import { Disclosure } from '../../parts/Disclosure'
import { ProblemNote } from '../../parts/ProblemNote'
import type { PartProps } from './DescriptionScreen'
import { MarkedFile } from './MarkedFile'
import { Pointed, type Position } from './Pointed'
import { Proof } from './Proof'
import { useDescribe } from './mutations'
import { correctionSentence } from './words'
import css from './description.module.css'

const PARTS = { shape: 'Shape', chord: 'Chord', command: 'What runs', context: 'Context', spelling: 'Spelling' }

/** The key file with what was understood marked on it, and beside it the same in words; pointing at a place corrects it. */
export function FilePart({ brought, window }: PartProps) {
  const [position, setPosition] = useState<Position | null>(null)
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  return (
    <div className={css.file}>
      <MarkedFile brought={brought} window={window} position={position} onPoint={setPosition} />
      <div className={css.beside}>
        {position !== null && brought.may_change && (
          <Pointed
            key={`${position.line} ${position.from}`}
            position={position}
            isSending={isSending}
            onClose={() => setPosition(null)}
            onSay={(correction) => {
              const others = brought.corrections.filter(
                (one) => one.says !== correction.says || (one.says === 'word' && one.word !== correction.word),
              )
              send({ corrections: [...others, correction] })
              setPosition(null)
            }}
          />
        )}
        {error !== null && !isSending && <ProblemNote error={error} />}
        <section aria-label="What was understood" aria-busy={isSending}>
          <h2>What was understood</h2>
          <ul className={css.certainties}>
            {brought.certainties.map(({ of, percent, sentence }) => (
              <li key={of}>
                <strong>{PARTS[of]}</strong> {sentence}{' '}
                <span className="quiet" data-sure={percent >= 80}>
                  {percent >= 80 ? 'sure' : percent >= 60 ? 'likely' : 'a guess'}, {percent} %
                </span>
              </li>
            ))}
          </ul>
          {brought.corrections.length > 0 && (
            <>
              <h3>What you said</h3>
              <ul className={css.corrections}>
                {brought.corrections.map((one, index) => (
                  <li key={correctionSentence(one)}>
                    {correctionSentence(one)}{' '}
                    <button
                      className="btn btn-outline-secondary btn-sm"
                      disabled={isSending}
                      onClick={() => send({ corrections: brought.corrections.filter((_, other) => other !== index) })}
                    >
                      Take it back
                    </button>
                  </li>
                ))}
              </ul>
            </>
          )}
        </section>
        <Proof proof={brought.proof} />
        <Disclosure summary="The description as text">{() => <AsText brought={brought} window={window} />}</Disclosure>
      </div>
    </div>
  )
}

function AsText({ brought, window }: PartProps) {
  const [text, setText] = useState(brought.dialect)
  const [isWrong, setWrong] = useState(false)
  const { send, isSending, error } = useDescribe(brought.id, brought.version, window)
  function store() {
    try {
      send({ dialect: JSON.parse(text) as Record<string, never> })
      setWrong(false)
    } catch {
      setWrong(true)
    }
  }
  return (
    <div>
      <p className="quiet">For whoever would rather write it. Its form is in catalogues/schema/dialect.schema.json.</p>
      <textarea
        className="form-control"
        rows={14}
        spellCheck={false}
        aria-label="The description as JSON"
        value={text}
        readOnly={!brought.may_change}
        onChange={(event) => setText(event.target.value)}
      />
      {isWrong && <p role="alert">This is not JSON; look for a missing comma or quote.</p>}
      {error !== null && !isSending && <ProblemNote error={error} />}
      {brought.may_change && (
        <button className="btn btn-outline-secondary btn-sm" disabled={isSending} onClick={store}>
          Read the file by this
        </button>
      )}
    </div>
  )
}
