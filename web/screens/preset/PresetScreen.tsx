import { Link } from 'react-router'
import { usePresets } from '../../api/presets'
import type { Schema } from '../../api/client'
import { RefusedKeymaps } from '../../keymap/RefusedKeymaps'
import { Asking } from '../../parts/Asking'
import { Empty } from '../../parts/Empty'
import { ScreenHead } from '../../parts/ScreenHead'
import { ArchiveForm } from './ArchiveForm'
import { Preset } from './Preset'
import { ReleaseForm } from './ReleaseForm'
import css from './preset.module.css'

const GROUPS: readonly (readonly [string, (preset: Schema['Preset']) => boolean])[] = [
  ['The house’s', ({ audience }) => audience === 'house'],
  ['Mine', ({ audience, is_mine }) => audience !== 'house' && is_mine],
  ['Shared with me', ({ audience, is_mine }) => audience !== 'house' && !is_mine],
]

/** Named series of releases: the house's, mine, and those that are shared with me; and making the next one. */
export function PresetScreen() {
  return (
    <>
      <ScreenHead title="Presets">
        <p>
          <Link to="/compare">Compare any two</Link>
        </p>
      </ScreenHead>
      <RefusedKeymaps />
      <Asking of={usePresets()}>
        {(data) => (
          <div className={css.presets}>
            <div>
              <ReleaseForm data={data} />
              <ArchiveForm />
            </div>
            <div>
              {data.presets.length === 0 && (
                <Empty>
                  <strong>There is no preset yet.</strong> A preset is your keys as they are now, under a name and a number; a release never
                  changes.
                </Empty>
              )}
              {GROUPS.map(([title, belongs]) => {
                const group = data.presets.filter(belongs)
                return (
                  group.length > 0 && (
                    <section key={title} aria-label={title} className={css.group}>
                      <h2>{title}</h2>
                      {group.map((preset) => (
                        <Preset key={preset.id} preset={preset} people={data.people} />
                      ))}
                    </section>
                  )
                )
              })}
            </div>
          </div>
        )}
      </Asking>
    </>
  )
}
