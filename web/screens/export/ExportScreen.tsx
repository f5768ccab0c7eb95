import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useApplications } from '../../api/applications'
import { useKeymaps } from '../../keymap/queries'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Empty } from '../../parts/Empty'
import { remembered } from '../../parts/remembered'
import { ScreenHead } from '../../parts/ScreenHead'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { drawingAddress, keyFilesAddress, listAddress, listText, useKeyLists, type Grouping, type Wanted } from './queries'
import css from './export.module.css'

const GROUPINGS: Record<Grouping, string> = { context: 'by context', menu: 'by menu', key: 'by key' }

/** What one side of A4 has room for. */
const ONE_SIDE = '120'

/** Keymaps as lists to read and print, and as files: what is shown is what is printed. */
export function ExportScreen() {
  const [read, write] = useAddress()
  const by = read('by') as Grouping
  const wanted: Wanted = {
    of: read('of') === '' ? remembered('application') || 'all' : read('of'),
    by: by in GROUPINGS ? by : 'context',
    most: read('most'),
    hasUnbound: read('unbound') === '1',
  }
  const showUnbound = (isWanted: boolean) => write({ unbound: isWanted ? '1' : '' })
  const lists = useKeyLists(wanted)
  const isPrinting = useRef(read('print') === '1')
  useEffect(() => {
    // Whoever came to print gets the browser's dialog as soon as the list stands there, and once.
    if (!isPrinting.current || lists.data === undefined || lists.isPlaceholderData) return
    isPrinting.current = false
    window.print()
  }, [lists.data, lists.isPlaceholderData])
  return (
    <>
      <ScreenHead title="List">
        <span className={css.noPrint}>
          <OfChoice of={wanted.of} onChoose={(of) => write({ of })} />{' '}
          <select aria-label="Grouped" value={wanted.by} onChange={(event) => write({ by: event.target.value })}>
            {Object.entries(GROUPINGS).map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>{' '}
          <select aria-label="How many" value={wanted.most} onChange={(event) => write({ most: event.target.value })}>
            <option value="">all of it</option>
            <option value={ONE_SIDE}>one side of A4</option>
            <option value="40">the 40 most used</option>
          </select>{' '}
          <label>
            <input type="checkbox" checked={wanted.hasUnbound} onChange={(event) => showUnbound(event.target.checked)} /> with commands that
            have no chord
          </label>
        </span>
      </ScreenHead>
      <Ways wanted={wanted} />
      <Asking of={lists}>
        {(data) => (
          <div className={css.lists} data-stale={lists.isPlaceholderData}>
            {data.lists.length === 0 && (
              <Empty>
                <strong>There is nothing to list.</strong> A release without keymaps has none.
              </Empty>
            )}
            {data.lists.map((list) => (
              <List key={list.application} list={list} by={wanted.by} />
            ))}
          </div>
        )}
      </Asking>
    </>
  )
}

/** What can be taken away: what is in use, and every keymap of one's own. */
function OfChoice({ of, onChoose }: { of: string; onChoose: (of: string) => void }) {
  const applications = useApplications().data?.applications.filter(({ is_desktop }) => !is_desktop) ?? []
  const keymaps = useKeymaps().data?.keymaps ?? []
  const name = (id: string) => applications.find((one) => one.id === id)?.name ?? 'Desktop'
  return (
    <select aria-label="Of" value={of} onChange={(event) => onChoose(event.target.value)}>
      <option value="all">all applications, as in use</option>
      {applications.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}, as in use
        </option>
      ))}
      {keymaps.map((keymap) => (
        <option key={keymap.id} value={`keymap ${keymap.id}`}>
          {name(keymap.application)}: {keymap.name}
        </option>
      ))}
      {of.startsWith('release ') && <option value={of}>the release that was chosen</option>}
    </select>
  )
}

function Ways({ wanted }: { wanted: Wanted }) {
  const seat = useSeat()
  const [told, setTold] = useState('')
  const copy = () => {
    listText(wanted, seat)
      .then((text) => navigator.clipboard.writeText(text))
      .then(
        () => setTold('It is on the clipboard.'),
        () => setTold('It could not be put on the clipboard; take the text file.'),
      )
  }
  const application = wanted.of === 'all' || wanted.of.includes(' ') ? '' : wanted.of
  return (
    <p className={css.ways}>
      <button type="button" className="btn btn-primary btn-sm" onClick={() => window.print()}>
        Print
      </button>
      <button type="button" className="plain" onClick={copy}>
        Copy
      </button>
      <a href={listAddress(wanted, seat, 'text')}>Text</a>
      <a href={listAddress(wanted, seat, 'csv')}>CSV</a>
      <a href={listAddress(wanted, seat, 'markdown')}>Markdown</a>
      <a href={listAddress(wanted, seat, 'page', true)} target="_blank" rel="noreferrer">
        Page
      </a>
      <a href={keyFilesAddress({ ...wanted, of: application === '' ? wanted.of : 'all' })}>
        {wanted.of.startsWith('keymap ') ? 'Key file' : 'Key files'}
      </a>
      {application !== '' && (
        <>
          <a href={drawingAddress(application, remembered('context') === 'all' ? '' : remembered('context'), '', 'svg', seat)}>
            Board, SVG
          </a>
          <a href={drawingAddress(application, remembered('context') === 'all' ? '' : remembered('context'), '', 'pdf', seat)}>
            Board, PDF
          </a>
        </>
      )}
      <Link to="/second-screen" target="_blank">
        Second screen
      </Link>
      <span role="status">{told}</span>
    </p>
  )
}

function List({ list, by }: { list: Schema['KeyList']; by: Grouping }) {
  const count = list.groups.reduce((sum, { commands }) => sum + commands.length, 0)
  return (
    <section className={css.list} aria-label={list.application}>
      <h2>
        {list.application} <small>{list.keymap}</small> <small className={css.noPrint}>{counted(count, 'line')}</small>
      </h2>
      <div className={css.groups}>
        {list.groups.map((group) => (
          <section key={group.name}>
            <h3>{group.name}</h3>
            <ul>
              {group.commands.map((command, index) => (
                <li key={`${command.id} ${index}`}>
                  <span>
                    {command.name}
                    {by !== 'context' && <small> {command.context}</small>}
                  </span>
                  <b>{command.chords === '' ? '–' : command.chords}</b>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  )
}
