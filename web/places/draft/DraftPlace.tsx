import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Link, useParams } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, useComparison, useKeymap, useKeymaps } from '../../api/queries'
import { ApplicationTabs } from '../../parts/ApplicationTabs'
import { Asking } from '../../parts/Asking'
import { KeysList } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'

/** What the keymap in use has otherwise than its last save, the factory keymap or another one, and the way back. */
export function DraftPlace() {
  const { application = '' } = useParams()
  const keymap = useKeymap(application)
  return (
    <>
      <div className="place-head"><h1>Changes</h1><ApplicationTabs place="changes" /></div>
      <Asking of={keymap}>
        {(data) => data.id === null
          ? <div className="empty"><p><strong>The factory keymap is in use, and it never changes.</strong> <Link to={`/remap/${application}`}>Remap a command</Link> to begin a copy of your own.</p></div>
          : <Differences keymap={data} id={data.id} />}
      </Asking>
    </>
  )
}

function Differences({ keymap, id }: { keymap: Schema['Keymap']; id: number }) {
  const query = useSeat()
  const [read, write] = useAddress()
  const others = (useKeymaps().data?.keymaps ?? []).filter((one) => one.application === keymap.application.id && one.id !== id)
  const [error, setError] = useState<Error | null>(null)
  const other = read('with') === '' ? 'saved' : read('with')
  const context = read('context')
  const comparison = useComparison(id, other)
  const canReturn = other === 'saved' || other === 'factory'

  function goBack(only: { context?: string; command?: string }) {
    if (!canReturn) return
    answer(api.POST('/keymaps/{keymap}/returns', { params: { path: { keymap: id }, query }, body: { to: other, version: keymap.version, ...only } }))
      .then(() => { setError(null) }, (failure: unknown) => { setError(failure as Error) })
      .finally(() => void forgetKit())
  }

  return (
    <>
      <p className="docket-line">
        <span><strong>{keymap.name}</strong> against{' '}
        <select aria-label="Compare with" value={other} onChange={(event) => { write({ with: event.target.value === 'saved' ? '' : event.target.value }) }}>
          <option value="saved">its last save</option>
          <option value="factory">the factory keymap</option>
          {others.map((one) => <option key={one.id} value={one.id}>{one.name}</option>)}
        </select></span>
      </p>
      <ProblemNote error={error} />
      <Asking of={comparison}>
        {({ with: against, differences }) => {
          const contexts = [...new Map(differences.map((one) => [one.context.id, one.context.name])).entries()]
          const shown = differences.filter((one) => context === '' || one.context.id === context)
          if (differences.length === 0) return <div className="empty"><p><strong>Nothing differs from {against}.</strong></p></div>
          return (
            <>
              <div className="draft-tools">
                <label>in{' '}
                  <select value={context} onChange={(event) => { write({ context: event.target.value }) }}>
                    <option value="">all contexts</option>
                    {contexts.map(([value, name]) => <option key={value} value={value}>{name}</option>)}
                  </select>
                </label>
                {canReturn && <Button size="sm" variant="outline-secondary" onClick={() => { goBack(context === '' ? {} : { context }) }}>Take {context === '' ? 'everything' : 'this context'} back to {against}</Button>}
              </div>
              <table className="findings">
                <thead><tr><th scope="col">Command</th><th scope="col">Context</th><th scope="col">In {against}</th><th scope="col">Now</th>{canReturn && <th scope="col"><span className="visually-hidden">Way back</span></th>}</tr></thead>
                <tbody>
                  {shown.map((one) => (
                    <tr key={`${one.context.id} ${one.command.id}`}>
                      <td><Link to={`/remap/${keymap.application.id}?command=${encodeURIComponent(one.command.id)}&context=${one.context.id}`}>{one.command.name}</Link></td>
                      <td>{one.context.name}</td>
                      <td>{one.before.length === 0 ? <span className="quiet">nothing</span> : <KeysList chords={one.before.map(({ chord }) => chord)} />}</td>
                      <td>{one.after.length === 0 ? <span className="quiet">nothing</span> : <KeysList chords={one.after.map(({ chord }) => chord)} />}</td>
                      {canReturn && <td><button type="button" className="plain" onClick={() => { goBack({ context: one.context.id, command: one.command.id }) }}>take back<span className="visually-hidden"> {one.command.name}</span></button></td>}
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
