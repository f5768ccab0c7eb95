import { useState } from 'react'
import css from './Secret.module.css'

/** Something that is shown this once, to be copied. */
export function Secret({ label, value }: { label: string; value: string }) {
  const [isCopied, setCopied] = useState(false)
  return (
    <div className={css.secret} role="status">
      <p>
        <b>{label}</b> Shown this once:
      </p>
      <code>{value}</code>
      <button
        type="button"
        className="btn btn-outline-secondary btn-sm"
        onClick={() => void navigator.clipboard.writeText(value).then(() => setCopied(true))}
      >
        {isCopied ? 'Copied' : 'Copy'}
      </button>
    </div>
  )
}
