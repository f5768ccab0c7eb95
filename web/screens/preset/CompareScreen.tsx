import { releasesOf, usePresets } from '../../api/presets'
import { useApplicationNames } from '../../api/applications'
import { useSuites } from '../../api/suites'
import type { Schema } from '../../api/client'
import { useKeymaps } from '../../keymap/queries'
import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Differences } from '../../parts/Differences'
import { Empty } from '../../parts/Empty'
import { ScreenHead } from '../../parts/ScreenHead'
import { KeysList } from '../../parts/Keys'
import { useAddress } from '../../parts/useAddress'
import { useSeat } from '../../seat/seat'
import { useFullComparison } from './queries'
import css from './preset.module.css'

/** Any two of my keys, a keymap, a release, what is installed in a suite, and how the applications came. */
export function CompareScreen() {
  const [read, write] = useAddress()
  const before = read('before') === '' ? 'factory' : read('before')
  const after = read('after') === '' ? 'kit' : read('after')
  const comparison = useFullComparison(before, after)
  const seat = useSeat()
  const address = (as: string) =>
    `/api/comparisons?${new URLSearchParams({ ...seat, before, after, ...(as === 'json' ? {} : { as }) }).toString()}`
  return (
    <>
      <ScreenHead title="Compare">
        <p>
          <a href={address('markdown')} download>
            Markdown
          </a>{' '}
          ·{' '}
          <a href={address('csv')} download>
            CSV
          </a>{' '}
          ·{' '}
          <a href={address('json')} download="comparison.json">
            JSON
          </a>
        </p>
      </ScreenHead>
      <p className={css.sentence}>
        Whoever has <SideSelect label="Before" value={before} onChoose={(side) => write({ before: side })} /> and comes to{' '}
        <SideSelect label="After" value={after} onChoose={(side) => write({ after: side })} />{' '}
        <button type="button" className="plain" onClick={() => write({ before: after, after: before })}>
          the other way round
        </button>
      </p>
      <Asking of={comparison}>{(data) => <Compared data={data} />}</Asking>
    </>
  )
}

function SideSelect({ label, value, onChoose }: { label: string; value: string; onChoose: (side: string) => void }) {
  const presets = usePresets().data?.presets ?? []
  const suites = useSuites().data?.suites ?? []
  const keymaps = useKeymaps().data?.keymaps ?? []
  const nameOf = useApplicationNames()
  return (
    <select aria-label={label} value={value} onChange={(event) => onChoose(event.target.value)}>
      <option value="kit">my keys now</option>
      <option value="factory">the applications as they came</option>
      <optgroup label="Releases">
        {releasesOf(presets).map((release) => (
          <option key={release.id} value={`release ${release.id}`}>
            {release.preset} {release.number}: {release.note}
          </option>
        ))}
      </optgroup>
      <optgroup label="What is installed">
        {suites.map(({ id, name }) => (
          <option key={id} value={`suite ${id}`}>
            {name}
          </option>
        ))}
      </optgroup>
      <optgroup label="One of my keymaps">
        {keymaps.map((keymap) => (
          <option key={keymap.id} value={`keymap ${keymap.id}`}>
            {keymap.name} ({nameOf(keymap.application)})
          </option>
        ))}
      </optgroup>
    </select>
  )
}

function Compared({ data }: { data: Schema['FullComparison'] }) {
  const different = data.applications.filter((one) => one.gone.length + one.new.length + one.moved.length > 0)
  const same = data.applications.filter((one) => !different.includes(one))
  return (
    <>
      {different.length === 0 && (
        <Empty>
          {data.applications.length === 0 ? 'They have no application in common.' : 'They say the same in every application they share.'}
        </Empty>
      )}
      {different.map((one) => (
        <Application key={one.application.id} of={one} before={data.before} after={data.after} />
      ))}
      {different.length > 0 && same.length > 0 && (
        <p className="quiet">The same in {same.map(({ application }) => application.name).join(', ')}.</p>
      )}
    </>
  )
}

interface ApplicationProps {
  of: Schema['ComparedKeymap']
  before: string
  after: string
}

const PARTS = [
  ['moved', 'Moved'],
  ['new', 'New there'],
  ['gone', 'Gone there'],
] as const

function Application({ of, before, after }: ApplicationProps) {
  return (
    <section className={css.compared} aria-label={of.application.name}>
      <h2>
        {of.application.name}{' '}
        <small>
          {counted(of.relearning.length, 'command')} to relearn, {Math.round(of.share * 100)} % of what these hands do
          {of.effort_mm !== 0 && `, ${Math.abs(Math.round(of.effort_mm))} mm of travel ${of.effort_mm < 0 ? 'less' : 'more'}`}
        </small>
      </h2>
      {of.raised.length + of.settled.length > 0 && (
        <ul>
          {of.raised.map((clash) => (
            <li key={clash.id} data-grade={clash.grade}>
              <b>A {clash.grade} that comes:</b> {clash.sentence}
            </li>
          ))}
          {of.settled.map((clash) => (
            <li key={clash.id}>
              <b>A {clash.grade} that goes:</b> {clash.sentence}
            </li>
          ))}
        </ul>
      )}
      {PARTS.map(
        ([part, title]) =>
          of[part].length > 0 && (
            <details key={part} open={of[part].length <= 12}>
              <summary>
                {title} {of[part].length}
              </summary>
              <Differences label={`${title} in ${of.application.name}`} of={of[part]} before={before} after={after} />
            </details>
          ),
      )}
      {of.relearning.length > 0 && (
        <details>
          <summary>What counts most for these hands</summary>
          <ol>
            {of.relearning.slice(0, 10).map((one) => (
              <li key={one.command.id}>
                {one.command.name} <KeysList chords={one.before} /> <span aria-label="becomes">→</span> <KeysList chords={one.after} />
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  )
}
