import { useState } from 'react'
import type { Schema } from '../api/client'
import { Asking } from '../parts/Asking'
import { ConsequenceList } from '../parts/ConsequenceList'
import { Keys } from '../parts/Keys'
import { ChangeButton } from './ChangeButton'
import css from './keymap.module.css'
import { useMending } from './queries'

interface Props {
  application: Schema['Named']
  command: Schema['Named']
  /** Id of the one in which it is to have the chord; its home without. */
  context?: string
  /** Id of the chord that the command is to have; without it, free ones are offered. */
  chord?: string
}

/** The ways to give a command a chord, each with what follows from it, where somebody is already looking. */
export function MendHere({ application, command, context = '', chord = '' }: Props) {
  const [free, setFree] = useState('')
  const wantedChord = chord === '' ? free : chord
  const asked = useMending(application.id, command.id, context, wantedChord)
  return (
    <div className={css.mend}>
      <Asking of={asked}>
        {({ wanted, offers }) => (
          <>
            {chord === '' && (
              <p className={css.mendFree}>
                {command.name} could move to
                {offers.slice(0, 4).map((offer) => (
                  <button
                    key={offer.chord.id}
                    type="button"
                    className="plain"
                    aria-pressed={free === offer.chord.id}
                    onClick={() => setFree(offer.chord.id)}
                  >
                    <Keys chord={offer.chord} />
                  </button>
                ))}
              </p>
            )}
            {wanted?.unsayable != null && <p>{wanted.unsayable}</p>}
            {wanted?.is_already_so === true && (
              <p>
                <Keys chord={wanted.chord} /> runs {command.name} in {application.name} already.
              </p>
            )}
            {wanted?.choices.map((choice) => (
              <div key={choice.kind} className={css.mendChoice}>
                <ChangeButton
                  wanted={{ application: application.id, title: `${command.name}: ${choice.title}`, change: choice.change }}
                  look={choice.consequences.raises_fault ? 'doubtful' : 'usual'}
                >
                  {choice.title}
                </ChangeButton>
                <ConsequenceList of={choice.consequences} />
              </div>
            ))}
          </>
        )}
      </Asking>
    </div>
  )
}
