import { useMemo } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { SuiteSelect } from '../../parts/AskedSelect'
import { Empty } from '../../parts/Empty'
import { ScreenHead } from '../../parts/ScreenHead'
import { useKeyboards } from '../../seat/queries'
import { useSuites } from '../../api/suites'
import { useTravel } from './queries'
import { Asking } from '../../parts/Asking'
import { useAddress } from '../../parts/useAddress'
import { SYSTEMS, type Seat, type System } from '../../seat/seat'
import { ApplicationTravel } from './ApplicationTravel'
import layoutCss from '../../parts/layout.module.css'

/** A whole kit against another keyboard: what is lost there, what is moved, and a keymap for the road. */
export function TravelScreen() {
  const suites = useSuites()
  const keyboards = useKeyboards()
  return (
    <Asking of={suites}>{(known) => <Asking of={keyboards}>{(data) => <Check suites={known.suites} keyboards={data} />}</Asking>}</Asking>
  )
}

function Check({ suites, keyboards: { boards, layouts } }: { suites: Schema['Suite'][]; keyboards: Schema['Keyboards'] }) {
  const [read, write] = useAddress()
  const suite = suites.find(({ id }) => id === read('suite'))
  const board = read('board')
  const layout = read('layout')
  const system = read('system') as System | ''
  const to = useMemo((): Seat | null => {
    if (board !== '' && layout !== '' && system !== '') return { board, layout, system }
    return suite === undefined ? null : { board: suite.board.id, layout: suite.layout.id, system: suite.system }
  }, [board, layout, system, suite])
  const travel = useTravel(to)
  const set = (part: Partial<Seat>) => {
    write({ suite: '', ...(to ?? { board: 'laptop-ansi', layout: 'us', system: 'macos' }), ...part })
  }
  return (
    <>
      <ScreenHead title="Travel check">
        <p>
          <Link to="/suites">All suites</Link>
        </p>
      </ScreenHead>
      <p className={layoutCss.focusChoice}>
        I take my keymaps to{' '}
        <SuiteSelect
          label="Suite"
          none="another keyboard"
          value={read('suite')}
          onChoose={(id) => write({ suite: id, board: '', layout: '', system: '' })}
        />
        {': '}
        <PartSelect label="Board" none="a board" value={to?.board} options={boards} onChoose={(id) => set({ board: id })} />{' '}
        <PartSelect label="Layout" none="a layout" value={to?.layout} options={layouts} onChoose={(id) => set({ layout: id })} />{' '}
        <PartSelect
          label="System"
          none="a system"
          value={to?.system}
          options={Object.entries(SYSTEMS).map(([id, name]) => ({ id, name }))}
          onChoose={(id) => set({ system: id as System })}
        />
      </p>
      {to === null ? (
        <Empty>
          <strong>Choose the suite or the keyboard you go to.</strong> Each of your chords is held against it: which are lost, which need
          other keys, and which keys are called otherwise there.
        </Empty>
      ) : (
        <Asking of={travel}>
          {(data) =>
            data.applications.map((one) => (
              <ApplicationTravel
                key={`${one.application.id} ${one.keymap} ${data.board} ${data.layout}`}
                travel={one}
                to={suite?.name ?? data.board}
              />
            ))
          }
        </Asking>
      )}
    </>
  )
}

interface PartProps {
  label: string
  /** What stands there while nothing is chosen. */
  none: string
  value: string | undefined
  options: { id: string; name: string }[]
  onChoose: (id: string) => void
}

function PartSelect({ label, none, value, options, onChoose }: PartProps) {
  return (
    <select aria-label={label} value={value ?? ''} onChange={(event) => onChoose(event.target.value)}>
      {value === undefined && <option value="">{none}</option>}
      {options.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  )
}
