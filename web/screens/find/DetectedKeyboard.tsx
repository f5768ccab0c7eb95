import { memo, use, useState } from 'react'
import type { Table } from '../../board/table'
import { useLayoutProposal } from '../../seat/browserLayout'
import { useKeyboards } from '../../seat/queries'
import { hasStoredSeat, SeatContext, SYSTEMS } from '../../seat/seat'
import css from './find.module.css'

interface Checked {
  code: string
  typed: string
  isShifted: boolean
}

/** Which keyboard the answers are for, how it is known, and a field in which one pressed key shows whether that is so. */
export const DetectedKeyboard = memo(function DetectedKeyboard({ table }: { table: Table }) {
  const { seat, suite } = use(SeatContext)
  const keyboards = useKeyboards().data
  const proposal = useLayoutProposal()
  const [checked, setChecked] = useState<Checked | null>(null)
  const layout = keyboards?.layouts.find(({ id }) => id === seat.layout)?.name ?? seat.layout
  const known =
    suite !== null
      ? `as ${suite.name} has it`
      : hasStoredSeat()
        ? 'as it was chosen here'
        : proposal?.id === seat.layout
          ? 'as the browser tells'
          : 'a guess, since nothing was chosen and the browser does not tell'
  return (
    <div className={css.detected}>
      <p>
        For a {layout} keyboard on {SYSTEMS[seat.system]}, {known}.
      </p>
      <label>
        Press a key to check it{' '}
        <input
          className="form-control form-control-sm"
          readOnly
          value={checked?.typed ?? ''}
          onKeyDown={(event) => {
            if (event.key.length !== 1 || event.ctrlKey || event.altKey || event.metaKey) return
            event.preventDefault()
            setChecked({ code: event.code, typed: event.key, isShifted: event.shiftKey })
          }}
        />
      </label>
      <p role="status">{checked !== null && <Verdict checked={checked} table={table} />}</p>
    </div>
  )
})

function Verdict({ checked: { code, typed, isShifted }, table }: { checked: Checked; table: Table }) {
  const key = table.board.keys.find((one) => one.key === code)
  if (key === undefined) return <>This board has no such key: another board stands here. Choose it under Keyboard on the left.</>
  const expected = key.levels[isShifted ? 1 : 0] ?? ''
  return expected === typed ? (
    <>It typed {typed}, as it should: the keyboard fits.</>
  ) : (
    <>
      It typed {typed}, and with this layout it would type {expected === '' ? 'nothing' : expected}. Choose another layout under Keyboard on
      the left.
    </>
  )
}
