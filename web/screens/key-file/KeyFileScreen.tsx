import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useNavigate, useParams } from 'react-router'
import type { Schema } from '../../api/client'
import { useOpenKeyFile } from '../../keymap/mutations'
import { ScreenHead } from '../../parts/ScreenHead'
import { useFreeLine } from './mutations'
import { useKeyFile } from './queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { ProblemNote, Warning } from '../../parts/ProblemNote'
import css from './key-file.module.css'
import layout from '../../parts/layout.module.css'
import table from '../../parts/table.module.css'

const KINDS: Record<Schema['Finding']['kind'], string> = {
  refused: 'refused',
  dead: 'dead line',
  'not-understood': 'not understood',
  'unknown-command': 'unknown command',
  preserved: 'preserved as it is',
}

/** The report on a key file that was read, and the door to open it as a keymap. */
export function KeyFileScreen() {
  const { keyFile } = useParams()
  const report = useKeyFile(Number(keyFile))
  return <Asking of={report}>{(data) => <Report report={data} />}</Asking>
}

function Report({ report }: { report: Schema['KeyFileReport'] }) {
  const { added, removed } = report.against_factory
  const free = useFreeLine(report.id)
  return (
    <>
      <ScreenHead title={report.name}>
        <p>
          {report.application.name}: {report.bindings_read} bindings read from {report.lines} lines.
        </p>
      </ScreenHead>
      {report.would_be_refused && (
        <Warning>
          <strong>{report.application.name} itself would refuse this file.</strong> The lines that make it do so are marked below. It can be
          opened here all the same, to be mended: Clashes shows the ways out.
        </Warning>
      )}
      {report.removed.length > 0 && (
        <div role="status" className={css.freed}>
          <p>
            <strong>The chord is free for its line.</strong> {report.removed.length === 1 ? 'This line is' : 'These lines are'} gone from
            this copy; the file as it was brought in is untouched:
          </p>
          <ul>
            {report.removed.map((one) => (
              <li key={one.line}>
                line {one.line} <code>{one.text}</code>
              </li>
            ))}
          </ul>
        </div>
      )}
      <ProblemNote error={free.error} />
      <OpenForm report={report} />
      <div className={css.report}>
        <section aria-label="Findings">
          <h2>Line by line</h2>
          {report.findings.length === 0 ? (
            <p>Every line was understood, and every line would be obeyed.</p>
          ) : (
            <table className={table.findings}>
              <thead>
                <tr>
                  <th scope="col">Line</th>
                  <th scope="col">What</th>
                  <th scope="col">Text, and why</th>
                </tr>
              </thead>
              <tbody>
                {report.findings.map((finding, index) => (
                  <tr key={index} data-kind={finding.kind}>
                    <td>{finding.line}</td>
                    <td>{KINDS[finding.kind]}</td>
                    <td>
                      <code>{finding.text}</code>
                      <br />
                      {finding.sentence}
                      {(finding.kind === 'dead' || finding.kind === 'refused') && (
                        <>
                          {' '}
                          <button type="button" className="plain" disabled={free.isSending} onClick={() => free.send(finding.line)}>
                            free this chord for line {finding.line}
                          </button>
                        </>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <section aria-label="Against the factory keymap">
          <h2>Against the factory keymap</h2>
          {added.length + removed.length === 0 && <p>The file says what the factory keymap says.</p>}
          <ul className={css.against}>
            {added.map((one) => (
              <li key={one.id} data-kind="added">
                here <Keys chord={one.chord} /> {one.command.name} <span className="quiet">{one.context.name}</span>
              </li>
            ))}
            {removed.map((one) => (
              <li key={one.id} data-kind="removed">
                not here <Keys chord={one.chord} /> {one.command.name} <span className="quiet">{one.context.name}</span>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  )
}

function OpenForm({ report }: { report: Schema['KeyFileReport'] }) {
  const navigate = useNavigate()
  const application = report.application.id
  const [name, setName] = useState('')
  const open = useOpenKeyFile(application, () => navigate(report.would_be_refused ? `/clashes/${application}` : `/remap/${application}`))

  return (
    <Form
      className={layout.openForm}
      onSubmit={(event) => {
        event.preventDefault()
        open.send({ name: name.trim(), key_file: report.id })
      }}
    >
      <Form.Label htmlFor="keymap-name">Open it as a keymap called</Form.Label>
      <Form.Control id="keymap-name" required maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
      <Button type="submit" disabled={open.isSending}>
        Open and use it
      </Button>
      <ProblemNote error={open.error} />
    </Form>
  )
}
