import { useState } from 'react'
import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useKeymap } from '../../keymap/queries'
import { ContextOptions } from '../../parts/AskedSelect'
import { ScreenHead } from '../../parts/ScreenHead'
import { ApplicationTabs } from '../../parts/Tabs'
import { useCatalogue } from '../../api/applications'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { useFirstApplication } from '../../parts/useFirstApplication'
import { HouseApplications } from '../description/HouseApplications'
import { OwnKeymaps } from './OwnKeymaps'
import css from './application.module.css'

const LOADING: Record<Schema['Catalogue']['loading'], string> = {
  'refuse-file': 'refuses its whole key file when one context has a chord twice',
  'first-line-wins': 'obeys the first line when one context has a chord twice',
  'last-line-wins': 'obeys the last line when one context has a chord twice',
}
const PRECEDENCE: Record<Schema['Catalogue']['precedence'], string> = {
  'deeper-first': 'asks the context with the focus first, then those around it',
  'everywhere-first': 'asks Everywhere before the context with the focus',
}

/** What an application can do, how it loads its keys, and the keymaps one has for it. */
export function ApplicationScreen() {
  const application = useFirstApplication()
  const catalogue = useCatalogue(application)
  return (
    <>
      <ScreenHead title="Applications">
        <ApplicationTabs screen="applications" />
        {application !== '' && (
          <Link className="btn btn-primary btn-sm" to={`/applications/${application}/bring-in`}>
            Bring in a key file
          </Link>
        )}
      </ScreenHead>
      <Asking of={catalogue}>
        {(data) => (
          <div className={css.application}>
            <div>
              <p>
                {data.name}, for {data.purpose}: {data.command_count} commands. It {PRECEDENCE[data.precedence]}, and{' '}
                {LOADING[data.loading]}. Its key file is called <code>{data.file_name}</code>
                {data.naming === 'character' && ' and names keys by what they type'}.{data.tells_hold && ' It tells a hold from a tap.'}
              </p>
              <Contexts contexts={data.contexts} />
              <OwnKeymaps application={data.id} />
              <HouseApplications />
            </div>
            <Commands catalogue={data} />
          </div>
        )}
      </Asking>
    </>
  )
}

function Contexts({ contexts }: { contexts: Schema['Context'][] }) {
  return (
    <>
      <h2>Contexts</h2>
      <ul className={css.contextTree}>
        {contexts.map((one) => (
          <li key={one.id} style={{ marginInlineStart: `${one.depth * 1.25}rem` }}>
            {one.name}
            {one.text_entry && <span className="quiet"> takes text</span>}
          </li>
        ))}
      </ul>
    </>
  )
}

function Commands({ catalogue }: { catalogue: Schema['Catalogue'] }) {
  const [context, setContext] = useState('')
  const keymap = useKeymap(catalogue.id)
  const shown = catalogue.commands.filter((command) => context === '' || command.context === context)
  return (
    <section aria-label="Commands">
      <div className={css.commandsHead}>
        <h2>Commands</h2>
        <label>
          in{' '}
          <select className="form-select form-select-sm" value={context} onChange={(event) => setContext(event.target.value)}>
            <option value="">all contexts</option>
            <ContextOptions contexts={catalogue.contexts} />
          </select>
        </label>
      </div>
      <ul className={css.commands}>
        {shown.map((command) => (
          <li key={command.id}>
            <Link to={`/remap/${catalogue.id}?command=${encodeURIComponent(command.id)}`}>{command.name}</Link>
            <Asking of={keymap}>
              {({ bindings }) => <KeysList chords={bindings.filter((one) => one.command.id === command.id).map(({ chord }) => chord)} />}
            </Asking>
            <span className="quiet">
              {command.tooltip}
              {command.traits.length > 0 && ` (${command.traits.map((one) => one.replaceAll('-', ' ')).join(', ')})`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
