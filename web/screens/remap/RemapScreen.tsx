import { useLayoutEffect, useRef } from 'react'
import { useNavigate } from 'react-router'
import { ApplicationSelect, ContextOptions } from '../../parts/AskedSelect'
import { ScreenHeading } from '../../parts/ScreenHead'
import { useApplications } from '../../api/applications'
import { useRemap } from './queries'
import { useChords } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { CommandFinder } from './CommandFinder'
import { KeymapLine } from './KeymapLine'
import { OwnChords } from './OwnChords'
import { RemapBoard } from './RemapBoard'
import { WantedPanel } from './WantedPanel'
import css from './remap.module.css'
import { Empty } from '../../parts/Empty'

/** One sentence with four blanks (application, command, context, chord), and under it what fills them and what follows. */
export function RemapScreen() {
  const [read, write] = useAddress()
  const application = useFirstApplication()
  const suites = useAddressText('suites', false)
  const gesture: 'tap' | 'hold' = read('gesture') === 'hold' ? 'hold' : 'tap'
  const remapping = { command: read('command'), context: read('context'), chord: read('chord'), suites: suites.text, gesture }
  const remap = useRemap(application, remapping)
  const hasCommand = remapping.command !== '' && remap.data !== undefined
  useChords(
    hasCommand ? `for ${remap.data.command.name}` : 'to see it on the board',
    (chord) => {
      write({ chord })
    },
    hasCommand,
  )

  const applications = useApplications()
  if (application === '') return <Asking of={applications}>{() => null}</Asking>
  return (
    <>
      <ScreenHeading isHidden>Remap</ScreenHeading>
      <Sentence
        application={application}
        gesture={gesture}
        remap={hasCommand ? remap.data : undefined}
        onContext={(context) => write({ context })}
        onClearChord={() => write({ chord: '' })}
        onGesture={(next) => write({ gesture: next === 'tap' ? '' : next })}
      />
      <div className={css.workbench}>
        <div>
          <CommandFinder application={application} chosen={remapping.command} onChoose={(command) => write({ command, context: '' })} />
          {hasCommand && <OwnChords application={application} remap={remap.data} />}
        </div>
        <div className={css.wanted}>
          {remapping.command === '' ? (
            <Empty>
              <strong>Find the command</strong> by a word of its name, its menu or its tooltip, or by what you would call it. Then press the
              chord that it should have.
            </Empty>
          ) : (
            <Asking of={remap}>
              {(data) => (
                <WantedPanel
                  application={application}
                  remap={data}
                  suites={suites.text}
                  onSuites={suites.set}
                  onChord={(chord) => write({ chord })}
                />
              )}
            </Asking>
          )}
        </div>
      </div>
      <RemapBoard
        key={application}
        application={application}
        context={remapping.context === '' ? (remap.data?.command.home ?? 'everywhere') : remapping.context}
        chord={remapping.chord}
        onChord={(chord) => write({ chord })}
      />
    </>
  )
}

interface SentenceProps {
  application: string
  remap: ReturnType<typeof useRemap>['data']
  onContext: (context: string) => void
  onClearChord: () => void
  gesture: 'tap' | 'hold'
  onGesture: (gesture: string) => void
}

function Sentence({ application, remap, onContext, onClearChord, gesture, onGesture }: SentenceProps) {
  const here = useApplications().data?.applications.find(({ id }) => id === application)
  const navigate = useNavigate()
  const wanted = remap?.wanted ?? null
  const line = useRef<HTMLDivElement>(null)
  // A change of the chord is told where the reader's eyes are: the sentence flashes its chord.
  useLayoutEffect(() => {
    line.current?.animate([{ opacity: 0.4 }, { opacity: 1 }], 150)
  }, [wanted?.chord.id])
  const toApplication = (id: string) => void navigate(`/remap/${id}`)
  return (
    <div className={css.sentence} ref={line}>
      <p>
        In <ApplicationSelect withDesktop label="Application" value={application} onChoose={toApplication} />, while{' '}
        <select
          aria-label="Context"
          value={remap?.context.id ?? ''}
          disabled={remap === undefined}
          onChange={(event) => onContext(event.target.value)}
        >
          {remap === undefined && <option value="">…</option>}
          <ContextOptions isTree contexts={here?.contexts ?? []} />
        </select>{' '}
        has the focus,{' '}
        <b className={css.blank} data-filled={wanted !== null}>
          {wanted === null ? 'press F9 and a chord' : <Keys chord={wanted.chord} />}
        </b>
        {wanted !== null && (
          <button type="button" className="plain" onClick={onClearChord}>
            clear
          </button>
        )}
        {here?.tells_hold === true && (
          <select aria-label="Gesture" value={gesture} onChange={(event) => onGesture(event.target.value)}>
            <option value="tap">tapped</option>
            <option value="hold">held down</option>
          </select>
        )}{' '}
        shall run{' '}
        <b className={css.blank} data-filled={remap !== undefined}>
          {remap?.command.name ?? 'find a command below'}
        </b>
        .
      </p>
      <KeymapLine application={application} />
    </div>
  )
}
