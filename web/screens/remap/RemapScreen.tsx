import { use, useEffect, useEffectEvent } from 'react'
import { Link } from 'react-router'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHeading } from '../../parts/ScreenHead'
import { useApplications } from '../../api/applications'
import type { Schema } from '../../api/client'
import { ChangeContext } from '../../keymap/changes'
import { useKeymap } from '../../keymap/queries'
import { useAskAhead, useRemap } from './queries'
import { useChords, useListening } from '../../listening/Listening'
import { Asking } from '../../parts/Asking'
import { remember, remembered } from '../../parts/remembered'
import { useAddress } from '../../parts/useAddress'
import { useAddressText } from '../../parts/useAddressText'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { useTellLook } from '../../api/look'
import { useTypingInto } from '../../parts/useTypingInto'
import { ChordFirst } from './ChordFirst'
import { CommandFinder } from './CommandFinder'
import { DoneList } from './DoneList'
import { MenuCommands } from './MenuCommands'
import { OwnChords } from './OwnChords'
import { RemapBoard } from './RemapBoard'
import { Sentence } from './Sentence'
import { insteadOf, useRow } from './useRow'
import { useWayBack } from './useWayBack'
import { useSwapKeys } from './mutations'
import { WantedPanel } from './WantedPanel'
import css from './remap.module.css'
import { Empty } from '../../parts/Empty'
import { NoApplication } from '../../parts/NoApplication'

/** One sentence with four blanks (application, command, context, chord), and under it what fills them and what follows. */
export function RemapScreen() {
  const application = useFirstApplication()
  return (
    <Asking of={useApplications()}>
      {({ applications }) => {
        const here = applications.find(({ id }) => id === application)
        if (applications.every(({ is_desktop: isDesktop }) => isDesktop) && here === undefined) return <NoApplication />
        return here === undefined ? <NoSuch application={application} known={applications} /> : <Workbench key={here.id} here={here} />
      }}
    </Asking>
  )
}

function NoSuch({ application, known }: { application: string; known: Schema['Application'][] }) {
  return (
    <>
      <ScreenHeading>Remap</ScreenHeading>
      <Empty>
        <strong>There is no application “{application}” here.</strong> Choose one of those that are known:{' '}
        {known.map(({ id, name }) => (
          <Link key={id} className={css.known} to={`/remap/${id}`}>
            {name}
          </Link>
        ))}
      </Empty>
    </>
  )
}

function Workbench({ here }: { here: Schema['Application'] }) {
  const application = here.id
  const [read, write] = useAddress()
  const suites = useAddressText('suites', false)
  const row = useRow()
  const { make, isMaking } = use(ChangeContext)
  const { start, stop } = useListening()
  const goBack = useWayBack(useKeymap(application).data)
  const gesture: Schema['Gesture'] = read('gesture') === 'hold' ? 'hold' : 'tap'
  const remapping = { command: read('command'), context: read('context'), chord: read('chord'), suites: suites.text, gesture }
  const remap = useRemap(application, remapping)
  const hasCommand = remapping.command !== ''
  const data = hasCommand ? remap.data : undefined
  const lastContext = remembered('application') === application ? remembered('context') : ''
  const contextHere = remapping.context === '' ? (data?.command.home ?? lastContext) : remapping.context
  const isGiven = row.given !== '' && row.given === remapping.chord
  const { swap, error: swapError, isNothing } = useSwapKeys(application)
  useTypingInto(row.words)

  const askAhead = useAskAhead(application)
  const give = (chord: string, next: Schema['Gesture'] = 'tap') => {
    if (hasCommand) askAhead({ ...remapping, chord, gesture: next })
    row.give(chord)
    write({ chord, gesture: next === 'hold' ? 'hold' : '' })
  }
  useChords(hasCommand ? `for ${data?.command.name ?? 'the command'}` : 'to see what it runs, or to give it to a command', give, {
    once: true,
    tellsHold: here.tells_hold,
  })

  const nextOne = () => {
    row.give('')
    // The board stays where the last command was.
    remember('application', application)
    remember('context', contextHere)
    write({ command: '', context: '', chord: '', gesture: '' })
    row.words.current?.focus()
  }
  const choose = (command: string) => {
    write({ command, context: '' })
    // With the chord already there, this decides; else it is the chord's turn.
    if (remapping.chord === '') start()
    else row.give(remapping.chord)
  }
  const take = (wanted: Schema['Wanted'], choice: Schema['Choice'], command: Schema['CommandName']) =>
    make({
      application,
      title: `${command.name}: ${choice.title}`,
      change: choice.change,
      onMade: () => {
        row.add({ title: choice.title, chord: wanted.chord, command: command.name, instead: insteadOf(wanted.choices, choice) })
        nextOne()
      },
    })

  // A chord that was given here and that nobody loses anything by is taken at once; all others are asked about.
  const takeFree = useEffectEvent(() => {
    const wanted = data?.wanted ?? null
    const isOfThis = data?.command.id === remapping.command && wanted?.chord.id !== undefined && !remap.isPlaceholderData
    if (!isGiven || isMaking || wanted === null || data === undefined || !isOfThis || !wanted.is_free) return
    const inManner = wanted.choices.find(({ kind }) => kind === (row.manner === 'instead' ? 'replace' : 'add-beside')) ?? wanted.choices[0]
    if (inManner === undefined) return
    row.give('')
    take(wanted, inManner, data.command)
  })
  useEffect(() => takeFree(), [data, isGiven, remap.isPlaceholderData, isMaking])

  useTellLook(application, here.contexts.some(({ id }) => id === contextHere) ? contextHere : 'everywhere')
  return (
    // Keys that come up from everything on the screen: back to the word, and undo where no text is being written.
    // eslint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      onKeyDown={(event) => {
        const isEmpty = !(event.target instanceof HTMLInputElement) || event.target.value === ''
        if (event.key === 'Escape') {
          stop()
          nextOne()
        } else if (event.code === 'KeyZ' && (event.ctrlKey || event.metaKey) && isEmpty) {
          event.preventDefault()
          goBack(event.shiftKey ? 'redo' : 'undo')
        }
      }}
    >
      <ScreenHeading isHidden takesFocus={false}>
        Remap
      </ScreenHeading>
      <Sentence
        here={here}
        gesture={gesture}
        remap={data}
        chord={remapping.chord}
        onContext={(context) => write({ context })}
        onClearChord={() => write({ chord: '' })}
        onGesture={(next) => write({ gesture: next === 'tap' ? '' : next })}
      />
      <div className={css.workbench}>
        <div>
          <CommandFinder field={row.words} application={application} chosen={remapping.command} onChoose={choose} />
          {application !== 'desktop' && <MenuCommands application={application} onChoose={choose} />}
          <fieldset className={css.manner}>
            <legend className="visually-hidden">A new chord comes</legend>
            {(['as-well', 'instead'] as const).map((one) => (
              <label key={one}>
                <input type="radio" name="manner" checked={row.manner === one} onChange={() => row.chooseManner(one)} />{' '}
                {one === 'as-well' ? 'beside the old chord' : 'instead of it'}
              </label>
            ))}
          </fieldset>
          <p className={css.steps}>
            <kbd>word</kbd> <kbd>Enter</kbd> <kbd>the key</kbd>, again. A free key is taken at once; of a taken one <kbd>Enter</kbd> takes
            the first way and a digit another. <kbd>Esc</kbd> goes back to the word, <kbd>{undoKeys()}</kbd> takes back.
          </p>
          {data !== undefined && <OwnChords application={application} remap={data} />}
        </div>
        <div className={css.wanted}>
          {!hasCommand && remapping.chord === '' && (
            <Empty>
              <strong>Find the command</strong> by a word of its name, its menu or its tooltip, or by what you would call it. Then press the
              chord that it should have, or drag the command onto a key.
            </Empty>
          )}
          {!hasCommand && remapping.chord !== '' && (
            <ChordFirst
              application={application}
              context={contextHere}
              chord={remapping.chord}
              onChoose={(command, context) => write({ command, context, chord: '' })}
              onSwap={(other) => swap({ one: remapping.chord, other, context: contextHere, onMade: nextOne })}
            />
          )}
          {hasCommand && (
            <Asking of={remap}>
              {(answered) => (
                <WantedPanel
                  application={application}
                  remap={answered}
                  isGiven={isGiven}
                  suites={suites.text}
                  onSuites={suites.set}
                  onChord={(chord) => give(chord, gesture)}
                  onTake={(choice) => answered.wanted !== null && take(answered.wanted, choice, answered.command)}
                />
              )}
            </Asking>
          )}
          <ProblemNote error={swapError} />
          {isNothing && <p role="status">Neither of the two keys runs anything here, so there is nothing to swap.</p>}
          <DoneList application={application} done={row.done} />
        </div>
      </div>
      <RemapBoard
        application={application}
        context={contextHere}
        chord={remapping.chord}
        onChord={(chord) => give(chord)}
        onDropCommand={(command, chord) => {
          row.give(chord)
          write({ command, context: '', chord, gesture: '' })
        }}
        onSwap={(one, other) => swap({ one, other, context: contextHere, onMade: nextOne })}
      />
    </div>
  )
}

const undoKeys = (): string => (navigator.userAgent.includes('Mac') ? '⌘Z' : 'Ctrl+Z')
