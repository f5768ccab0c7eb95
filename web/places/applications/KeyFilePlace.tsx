import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate, useParams } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, queries, useKeyFile } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSeat } from '../../seat/seat'

const KINDS: Record<Schema['Finding']['kind'], string> = {
  refused: 'refused', dead: 'dead line', 'not-understood': 'not understood', 'unknown-command': 'unknown command', kept: 'kept as it is',
}

/** The report on a key file that was read, and the door to open it as a keymap. */
export function KeyFilePlace() {
  const { keyFile } = useParams()
  const report = useKeyFile(Number(keyFile))
  return <Asking of={report}>{(data) => <Report report={data} />}</Asking>
}

function Report({ report }: { report: Schema['KeyFileReport'] }) {
  const { added, removed } = report.against_factory
  const query = useSeat()
  const navigate = useNavigate()
  const [error, setError] = useState<Error | null>(null)

  function free(line: number) {
    answer(api.POST('/key-files/{keyFile}/frees', { params: { path: { keyFile: report.id }, query }, body: { line } })).then(
      (freed) => {
        setError(null)
        queries.setQueryData(['key-file', freed.id, query], freed)
        return navigate(`/applications/${report.application.id}/key-files/${freed.id}`)
      },
      (failure: unknown) => { setError(failure as Error) },
    )
  }

  return (
    <>
      <div className="place-head"><h1>{report.name}</h1><p>{report.application.name}: {report.bindings_read} bindings read from {report.lines} lines.</p></div>
      {report.would_be_refused && (
        <p className="problem" role="alert"><strong>{report.application.name} itself would refuse this file.</strong> The lines that make it do so are marked below. It can be opened here all the same, to be mended: Clashes shows the ways out.</p>
      )}
      {report.removed.length > 0 && (
        <div role="status" className="freed">
          <p><strong>The chord is free for its line.</strong> {report.removed.length === 1 ? 'This line is' : 'These lines are'} gone from this copy; the file as it was brought in is untouched:</p>
          <ul>{report.removed.map((one) => <li key={one.line}>line {one.line} <code>{one.text}</code></li>)}</ul>
        </div>
      )}
      <ProblemNote error={error} />
      <OpenForm report={report} />
      <div className="report">
        <section aria-label="Findings">
          <h2>Line by line</h2>
          {report.findings.length === 0 ? <p>Every line was understood, and every line would be obeyed.</p> : (
            <table className="findings">
              <thead><tr><th scope="col">Line</th><th scope="col">What</th><th scope="col">Text, and why</th></tr></thead>
              <tbody>
                {report.findings.map((finding, place) => (
                  <tr key={place} data-kind={finding.kind}><td>{finding.line}</td><td>{KINDS[finding.kind]}</td><td><code>{finding.text}</code><br />{finding.sentence}{(finding.kind === 'dead' || finding.kind === 'refused') && <> <button type="button" className="plain" onClick={() => { free(finding.line) }}>free this chord for line {finding.line}</button></>}</td></tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <section aria-label="Against the factory keymap">
          <h2>Against the factory keymap</h2>
          {added.length + removed.length === 0 && <p>The file says what the factory keymap says.</p>}
          <ul className="against">
            {added.map((one) => <li key={one.id} data-kind="added">here <Keys chord={one.chord} /> {one.command.name} <span className="quiet">{one.context.name}</span></li>)}
            {removed.map((one) => <li key={one.id} data-kind="removed">not here <Keys chord={one.chord} /> {one.command.name} <span className="quiet">{one.context.name}</span></li>)}
          </ul>
        </section>
      </div>
    </>
  )
}

function OpenForm({ report }: { report: Schema['KeyFileReport'] }) {
  const query = useSeat()
  const navigate = useNavigate()
  const application = report.application.id
  const [name, setName] = useState('')
  const [error, setError] = useState<Error | null>(null)

  async function open() {
    try {
      await answer(api.POST('/applications/{application}/keymaps', { params: { path: { application }, query }, body: { name: name.trim(), key_file: report.id } }))
      await forgetKit()
      await navigate(report.would_be_refused ? `/clashes/${application}` : `/remap/${application}`)
    } catch (failure) {
      setError(failure as Error)
    }
  }

  return (
    <Form className="open-form" onSubmit={(event) => { event.preventDefault(); void open() }}>
      <Form.Label htmlFor="keymap-name">Open it as a keymap called</Form.Label>
      <Form.Control id="keymap-name" required maxLength={60} value={name} onChange={(event) => { setName(event.target.value) }} />
      <Button type="submit">Open and use it</Button>
      <ProblemNote error={error} />
    </Form>
  )
}
