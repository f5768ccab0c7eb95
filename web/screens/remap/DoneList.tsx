import { use } from 'react'
import { ChangeButton } from '../../keymap/ChangeButton'
import { ChangeContext } from '../../keymap/changes'
import { useKeymap } from '../../keymap/queries'
import { Keys } from '../../parts/Keys'
import type { Done } from './useRow'
import css from './remap.module.css'

/** What was done on this screen just now, the latest first, with the way back beside it. */
export function DoneList({ application, done }: { application: string; done: readonly Done[] }) {
  const { goBack, isMaking } = use(ChangeContext)
  const keymap = useKeymap(application).data
  if (done.length === 0) return null
  const isLatest = (one: Done) => keymap?.undo?.startsWith(`${one.command}: ${one.title}`) === true
  return (
    <section className={css.done} aria-label="Done just now">
      <ol>
        {done.map((one, index) => (
          <li key={done.length - index}>
            <Keys chord={one.chord} /> {one.command}
            {index === 0 && keymap !== undefined && isLatest(one) && (
              <>
                <button type="button" className="plain" disabled={isMaking} onClick={() => goBack(keymap, { do: 'undo' })}>
                  Undo
                </button>
                {one.instead !== null && (
                  <ChangeButton
                    look="quiet"
                    wanted={{ application, title: `${one.command}: ${one.instead.title}`, change: one.instead.change }}
                  >
                    {one.instead.title}
                  </ChangeButton>
                )}
              </>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
