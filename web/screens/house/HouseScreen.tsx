import { useState } from 'react'
import { Outlet } from 'react-router'
import { useSession } from '../../api/session'
import { Empty } from '../../parts/Empty'
import { ProblemNote } from '../../parts/ProblemNote'
import { ScreenHead } from '../../parts/ScreenHead'
import { ViewTabs } from '../../parts/Tabs'
import { useNameHouse } from './mutations'
import css from './house.module.css'

const VIEWS = [
  ['/house', 'People'],
  ['/house/suites', 'Suites and tokens'],
  ['/house/journal', 'Journal'],
  ['/house/usage', 'Usage'],
] as const

/** What the keeper looks after: who is in the house, its suites and their tokens, and who did what. */
export function HouseScreen() {
  const session = useSession().data
  return (
    <>
      <ScreenHead title="House">
        {session !== undefined && <HouseName key={session.house.version} name={session.house.name} version={session.house.version} />}
      </ScreenHead>
      {session?.person?.keeps_suites === false ? (
        <Empty>The house is looked after by its suite keepers.</Empty>
      ) : (
        <>
          <div className={css.views}>
            <ViewTabs views={VIEWS} />
          </div>
          <Outlet />
        </>
      )}
    </>
  )
}

function HouseName({ name, version }: { name: string; version: number }) {
  const [text, setText] = useState(name)
  const [isOpen, setOpen] = useState(false)
  const rename = useNameHouse()
  if (!isOpen) {
    return (
      <p>
        {name}{' '}
        <button type="button" className="plain" onClick={() => setOpen(true)}>
          Rename
        </button>
      </p>
    )
  }
  return (
    <form
      className={css.name}
      onSubmit={(event) => {
        event.preventDefault()
        rename.send({ name: text, version })
      }}
    >
      <input
        className="form-control form-control-sm"
        aria-label="Name of the house"
        value={text}
        // eslint-disable-next-line jsx-a11y/no-autofocus -- takes the focus of the button that opened it
        autoFocus
        onChange={(event) => setText(event.target.value)}
      />
      <button className="btn btn-outline-secondary btn-sm" disabled={rename.isSending || text.trim() === ''}>
        Save
      </button>
      <button type="button" className="plain" onClick={() => setOpen(false)}>
        Leave it
      </button>
      <ProblemNote error={rename.error} />
    </form>
  )
}
