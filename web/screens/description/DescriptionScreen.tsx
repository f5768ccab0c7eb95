import { Link, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { Asking } from '../../parts/Asking'
import { ScreenHead } from '../../parts/ScreenHead'
import { useAddress } from '../../parts/useAddress'
import { CommandsPart } from './CommandsPart'
import { ContextsPart } from './ContextsPart'
import { FilePart } from './FilePart'
import { FinishPart } from './FinishPart'
import { NewerPart } from './NewerPart'
import { UsageLogPart } from './UsageLogPart'
import type { Window } from './queries'
import { useHouseApplication } from './queries'
import { STATES } from './words'
import css from './description.module.css'

export interface PartProps {
  brought: Schema['HouseApplication']
  window: Window
}

const PARTS = [
  ['', 'The key file'],
  ['contexts', 'Contexts and who wins'],
  ['commands', 'Commands'],
  ['usage-log', 'Usage log'],
  ['finish', 'Use it'],
  ['newer', 'A newer version'],
] as const

/** An application of the house on its way from a key file to one like any other. */
export function DescriptionScreen() {
  const { houseApplication = '' } = useParams()
  const [read, write] = useAddress()
  const window = { from: Number(read('from')) || 1, command: read('command'), command_from: Number(read('command_from')) || 0 }
  const part = PARTS.find(([name]) => name === read('part'))?.[0] ?? ''
  return (
    <Asking of={useHouseApplication(Number(houseApplication), window)}>
      {(brought) => (
        <>
          <ScreenHead title={brought.name}>
            <nav className={css.parts} aria-label="Steps">
              {PARTS.filter(([name]) => name !== 'newer' || brought.state === 'in-use').map(([name, title], index) => (
                <button
                  key={name}
                  type="button"
                  aria-current={part === name ? 'step' : undefined}
                  onClick={() => write({ part: name, from: '', command: '', command_from: '' })}
                >
                  <span aria-hidden>{index + 1}</span> {title}
                </button>
              ))}
            </nav>
          </ScreenHead>
          <p className="quiet">
            {STATES[brought.state]}
            {brought.by !== null && `, brought by ${brought.by}`}. <Link to="/applications">All applications</Link>
          </p>
          {part === '' && <FilePart brought={brought} window={window} />}
          {part === 'contexts' && <ContextsPart key={brought.version} brought={brought} window={window} />}
          {part === 'commands' && <CommandsPart brought={brought} window={window} />}
          {part === 'usage-log' && <UsageLogPart key={brought.version} brought={brought} window={window} />}
          {part === 'finish' && <FinishPart brought={brought} window={window} />}
          {part === 'newer' && <NewerPart brought={brought} window={window} />}
        </>
      )}
    </Asking>
  )
}
