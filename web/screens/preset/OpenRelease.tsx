import { useState } from 'react'
import { useApplicationNames } from '../../api/applications'
import type { Schema } from '../../api/client'
import { CopyForm } from '../../keymap/CopyForm'
import { cx } from '../../parts/cx'
import css from './preset.module.css'

/** Opens one key file of a release as a new keymap. */
export function OpenRelease({ release }: { release: Schema['Release'] }) {
  const nameOf = useApplicationNames()
  const [application, setApplication] = useState<string | null>(null)
  return (
    <>
      <label>
        <span className="visually-hidden">
          Of release {release.number} of {release.preset}:{' '}
        </span>
        <select
          className={cx('form-select form-select-sm', css.open)}
          value={application ?? ''}
          onChange={(event) => setApplication(event.target.value === '' ? null : event.target.value)}
        >
          <option value="">open for remapping …</option>
          {release.applications.map((one) => (
            <option key={one.id} value={one.id}>
              {nameOf(one.id)}
            </option>
          ))}
        </select>
      </label>
      {application !== null && (
        <CopyForm
          key={application}
          application={application}
          from={{ release: release.id }}
          called={`${release.preset} ${release.number}`}
          onDone={() => setApplication(null)}
        />
      )}
    </>
  )
}
