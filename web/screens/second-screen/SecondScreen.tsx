import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useLook } from '../../api/look'
import { KIT } from '../../api/keys'
import { useSuites } from '../../api/suites'
import { Board, type CapView } from '../../board/Board'
import { ContextLegend, ContextMark } from '../../board/ContextMark'
import { namesOf, spokenName } from '../../board/names'
import { useTable } from '../../board/queries'
import { allContexts, contextIndex, pressId, usesOf, type Table, type TableApplication } from '../../board/table'
import { Asking } from '../../parts/Asking'
import { ContextOptions } from '../../parts/AskedSelect'
import { Empty } from '../../parts/Empty'
import { ScreenHeading } from '../../parts/ScreenHead'
import { remembered } from '../../parts/remembered'
import { useAddress } from '../../parts/useAddress'
import css from './second-screen.module.css'

const MINE = 'mine'

/** All names of one application, whole, as large as the window allows: for the screen beside, a phone, or paper. */
export function SecondScreen() {
  const [read, write] = useAddress()
  const follow = read('application') !== '' && read('follow') === '' ? '' : read('follow') === '' ? MINE : read('follow')
  const look = useLook(follow === MINE ? '' : follow, follow !== '').data
  const client = useQueryClient()
  const [kit, setKit] = useState(look?.kit)
  if (look !== undefined && look.kit !== kit) setKit(look.kit)
  useEffect(() => {
    // A keymap was changed in another window: its names are asked for again.
    if (kit !== undefined) void client.invalidateQueries({ queryKey: KIT })
  }, [kit, client])
  useEffect(() => {
    document.title = 'Second screen · Zebrafinch'
  }, [])
  const wanted =
    follow === ''
      ? { application: read('application'), context: read('context') }
      : { application: look?.application ?? remembered('application'), context: look?.context ?? remembered('context') }
  return (
    <main className={css.page}>
      <ScreenHeading isHidden>Second screen</ScreenHeading>
      <Asking of={useTable()}>
        {(table) => {
          const application = table.applications.find(({ id }) => id === wanted.application) ?? table.applications[0]
          return application === undefined ? (
            <Empty>
              <strong>No application is known yet.</strong>
            </Empty>
          ) : (
            <Shown
              table={table}
              application={application}
              context={wanted.context === 'all' ? 'all' : (application.contexts[contextIndex(application, wanted.context)]?.id ?? 'all')}
              follow={follow}
              onChoose={write}
            />
          )
        }}
      </Asking>
    </main>
  )
}

interface ShownProps {
  table: Table
  application: TableApplication
  context: string
  follow: string
  onChoose: (next: Record<string, string>) => void
}

function Shown({ table, application, context, follow, onChoose }: ShownProps) {
  const index = context === 'all' ? allContexts(application) : contextIndex(application, context)
  const stay = (next: Record<string, string>) => onChoose({ application: application.id, context, follow: '', ...next })
  return (
    <>
      <header className={css.head}>
        <p>
          <select
            aria-label="Application"
            value={application.id}
            onChange={(event) => stay({ application: event.target.value, context: '' })}
          >
            {table.applications.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>{' '}
          <select aria-label="Context" value={context} onChange={(event) => stay({ context: event.target.value })}>
            <ContextOptions isTree contexts={application.contexts} />
            <option value="all">all contexts together</option>
          </select>{' '}
          <small>{application.keymap}</small>
        </p>
        <p className={css.controls}>
          <FollowChoice
            follow={follow}
            onChoose={(next) => (next === '' ? stay({}) : onChoose({ application: '', context: '', follow: next }))}
          />
          <button type="button" className="plain" onClick={() => window.print()}>
            Print it as a card
          </button>
        </p>
      </header>
      {context === 'all' && (
        <p>
          <ContextLegend application={application} />
        </p>
      )}
      <PlainBoard table={table} application={application} index={index} />
      <Layers table={table} application={application} index={index} />
    </>
  )
}

/** Whose window is followed: one's own first one, a workstation's, or nobody's. */
function FollowChoice({ follow, onChoose }: { follow: string; onChoose: (follow: string) => void }) {
  const suites = useSuites().data?.suites ?? []
  return (
    <label>
      Follows{' '}
      <select value={follow} onChange={(event) => onChoose(event.target.value)}>
        <option value={MINE}>my first window</option>
        {suites.map(({ id, name }) => (
          <option key={id} value={id}>
            the workstation in {name}
          </option>
        ))}
        <option value="">nothing: it stays</option>
      </select>
    </label>
  )
}

interface PartProps {
  table: Table
  application: TableApplication
  index: number
}

const nothing = () => undefined

/** The board with no modifier held, where the window has room for one. */
function PlainBoard({ table, application, index }: PartProps) {
  const uses = usesOf(application, index, 0)
  const caps = table.board.keys.map((key, at): CapView => {
    const names = key.held === null ? namesOf(application, key.key, index) : []
    return {
      key,
      use: uses[at],
      names,
      marks: index === allContexts(application) ? application : null,
      legend: key.name,
      isHeld: false,
      press: '',
      says: `${key.spoken}: ${names.length === 0 ? 'nothing here' : names.map(spokenName).join(', ')}`,
    }
  })
  return (
    <div className={css.board}>
      <Board
        board={table.board}
        caps={caps}
        size={table.board}
        isLarge={false}
        onChoose={nothing}
        onLook={nothing}
        pressOf={null}
        onDrop={nothing}
      />
    </div>
  )
}

/** Every layer that has a name, as a list: the letters are large, and nothing is cut. */
function Layers({ table, application, index }: PartProps) {
  const isAll = index === allContexts(application)
  const layers = table.layers.map((layer) => ({
    layer,
    keys: table.board.keys
      .filter(({ held }) => held === null)
      .map((key) => ({ key, names: namesOf(application, pressId(layer.id, key.key), index) }))
      .filter(({ names }) => names.length > 0),
  }))
  return (
    <div className={css.layers}>
      {layers
        .filter(({ keys }) => keys.length > 0)
        .map(({ layer, keys }) => (
          <section key={layer.id} aria-label={layer.spoken === '' ? 'No modifier' : layer.spoken}>
            <h2>{layer.spoken === '' ? 'No modifier' : layer.caps.join(' ')}</h2>
            <ul>
              {keys.map(({ key, names }) => (
                <li key={key.key}>
                  <b>{key.name}</b>
                  <span>
                    {names.map((one) => (
                      <span key={`${one.from} ${one.name}`} data-inherited={one.isInherited}>
                        {isAll && <ContextMark application={application} index={one.from} />} {spokenName(one)}
                      </span>
                    ))}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        ))}
    </div>
  )
}
