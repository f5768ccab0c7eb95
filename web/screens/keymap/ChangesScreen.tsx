import { use } from 'react'
import Button from 'react-bootstrap/Button'
import { Link, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { ChangeContext } from '../../keymap/changes'
import { useKeymap, useKeymaps } from '../../keymap/queries'
import { AskedSelect } from '../../parts/AskedSelect'
import { ScreenHead } from '../../parts/ScreenHead'
import { useComparison } from './queries'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import css from './keymap.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'
import { Empty } from '../../parts/Empty'

/** What the keymap in use has otherwise than its last save, the factory keymap or another one, and the way back. */
export function ChangesScreen() {
  const { application = '' } = useParams()
  const keymap = useKeymap(application)
  return (
    <>
      <ScreenHead title="Changes">
        <Link to={`/remap/${application}`}>Back to Remap</Link>
      </ScreenHead>
      <Asking of={keymap}>
        {(data) =>
          data.id === null ? (
            <Empty>
              <strong>The factory keymap is in use; it never changes.</strong> <Link to={`/remap/${application}`}>Remap a command</Link> to
              begin a copy of your own.
            </Empty>
          ) : (
            <Differences keymap={data} id={data.id} />
          )
        }
      </Asking>
    </>
  )
}

function Differences({ keymap, id }: { keymap: Schema['Keymap']; id: number }) {
  const [read, write] = useAddress()
  const keymaps = useKeymaps()
  const { goBack, isMaking } = use(ChangeContext)
  const other = read('with') === '' ? 'saved' : read('with')
  const context = read('context')
  const comparison = useComparison(id, other)
  const canReturn = other === 'saved' || other === 'factory'

  function revert(only: { context?: string; command?: string }) {
    if (canReturn) goBack(keymap, { do: 'revert', to: other, ...only })
  }

  return (
    <>
      <p className={layout.line}>
        <span>
          <strong>{keymap.name}</strong> against{' '}
          <AskedSelect
            label="Compare with"
            of={keymaps}
            value={other}
            onChoose={(next) => write({ with: next === 'saved' ? '' : next })}
            options={({ keymaps: all }) => [
              { id: 'saved', name: 'its last save' },
              { id: 'factory', name: 'the factory keymap' },
              ...all
                .filter((one) => one.application === keymap.application.id && one.id !== id)
                .map((one) => ({ id: String(one.id), name: one.name })),
            ]}
          />
        </span>
      </p>
      <Asking of={comparison}>
        {({ with: against, differences }) => {
          const contexts = [...new Map(differences.map((one) => [one.context.id, one.context.name])).entries()]
          const shown = differences.filter((one) => context === '' || one.context.id === context)
          if (differences.length === 0)
            return (
              <Empty>
                <strong>Nothing differs from {against}.</strong>
              </Empty>
            )
          return (
            <>
              <div className={css.tools}>
                <label>
                  in{' '}
                  <select value={context} onChange={(event) => write({ context: event.target.value })}>
                    <option value="">all contexts</option>
                    {contexts.map(([value, name]) => (
                      <option key={value} value={value}>
                        {name}
                      </option>
                    ))}
                  </select>
                </label>
                {canReturn && (
                  <Button
                    size="sm"
                    variant="outline-secondary"
                    disabled={isMaking}
                    onClick={() => revert(context === '' ? {} : { context })}
                  >
                    Revert {context === '' ? 'everything' : 'this context'} to {against}
                  </Button>
                )}
              </div>
              <table className={table.findings}>
                <thead>
                  <tr>
                    <th scope="col">Command</th>
                    <th scope="col">Context</th>
                    <th scope="col">In {against}</th>
                    <th scope="col">Now</th>
                    {canReturn && (
                      <th scope="col">
                        <span className="visually-hidden">Way back</span>
                      </th>
                    )}
                  </tr>
                </thead>
                <tbody>
                  {shown.map((one) => (
                    <tr key={`${one.context.id} ${one.command.id}`}>
                      <td>
                        <Link
                          to={`/remap/${keymap.application.id}?command=${encodeURIComponent(one.command.id)}&context=${one.context.id}`}
                        >
                          {one.command.name}
                        </Link>
                      </td>
                      <td>{one.context.name}</td>
                      <td>
                        {one.before.length === 0 ? (
                          <span className="quiet">nothing</span>
                        ) : (
                          <KeysList chords={one.before.map(({ chord }) => chord)} />
                        )}
                      </td>
                      <td>
                        {one.after.length === 0 ? (
                          <span className="quiet">nothing</span>
                        ) : (
                          <KeysList chords={one.after.map(({ chord }) => chord)} />
                        )}
                      </td>
                      {canReturn && (
                        <td>
                          <button
                            type="button"
                            className="plain"
                            disabled={isMaking}
                            onClick={() => revert({ context: one.context.id, command: one.command.id })}
                          >
                            revert<span className="visually-hidden"> {one.command.name}</span>
                          </button>
                        </td>
                      )}
                    </tr>
                  ))}
                </tbody>
              </table>
            </>
          )
        }}
      </Asking>
    </>
  )
}
