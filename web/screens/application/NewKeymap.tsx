import { useState } from 'react'
import type { Schema } from '../../api/client'
import { CopyForm } from '../../keymap/CopyForm'
import { usePresets } from '../../api/presets'
import css from './application.module.css'

interface Source {
  id: string
  name: string
  from: { copy_of: number } | { release: number } | 'factory'
}

/** A new keymap from whatever somebody wants to begin with: the factory, one of their own, a release of theirs or of somebody else's. */
export function NewKeymap({ application, own }: { application: string; own: Schema['KeymapBrief'][] }) {
  const [chosen, setChosen] = useState('')
  const presets = usePresets().data?.presets ?? []
  const releases = presets.flatMap((preset) => preset.releases.map((release) => ({ preset, release })))
  const sources: Source[] = [
    { id: 'factory', name: 'the factory keymap', from: 'factory' },
    ...own.map(({ id, name }): Source => ({ id: `keymap ${id}`, name, from: { copy_of: id } })),
    ...releases
      .filter(({ release }) => release.applications.some(({ id }) => id === application))
      .map(({ preset, release }): Source => ({
        id: `release ${release.id}`,
        name: `${preset.name} ${release.number}, ${preset.kit}`,
        from: { release: release.id },
      })),
  ]
  const source = sources.find(({ id }) => id === chosen)
  return (
    <div className={css.newKeymap}>
      <label>
        New keymap from{' '}
        <select className="form-select form-select-sm" value={chosen} onChange={(event) => setChosen(event.target.value)}>
          <option value="">…</option>
          {sources.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {source !== undefined && (
        <CopyForm key={source.id} application={application} from={source.from} called={source.name} onDone={() => setChosen('')} />
      )}
    </div>
  )
}
