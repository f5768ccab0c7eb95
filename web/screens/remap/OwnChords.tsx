import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { ChangeButton } from '../../keymap/ChangeButton'
import { Keys } from '../../parts/Keys'
import css from './remap.module.css'

/** What the chosen command does, and the chords that it has now. */
export function OwnChords({ application, remap }: { application: string; remap: Schema['Remap'] }) {
  return (
    <div className={css.ownChords}>
      <h2>{remap.command.name}</h2>
      <p>
        {remap.command.tooltip}.{remap.command.menu.length > 1 && ` Menu ${remap.command.menu.slice(0, -1).join(' › ')}.`}
      </p>
      {remap.command.desktop !== null && (remap.command.is_menu_only || remap.bindings.length === 0) && (
        <p>
          {remap.command.is_menu_only && 'The application lists it in its menu only; its key file can bind it all the same. '}
          <Link to={`/remap/desktop?command=${encodeURIComponent(remap.command.desktop)}`}>Or bind its menu title through the desktop</Link>
        </p>
      )}
      <p>{remap.bindings.length === 0 ? 'It has no chord.' : 'Its chords now:'}</p>
      <ul>
        {remap.bindings.map((binding) => (
          <li key={binding.id}>
            <Keys chord={binding.chord} />
            {binding.gesture === 'hold' && ' held'} {binding.context.name}{' '}
            <ChangeButton look="quiet" wanted={{ application, title: binding.removal.title, change: binding.removal.change }}>
              remove
              <span className="visually-hidden">
                {' '}
                {binding.chord.spoken}
                {binding.gesture === 'hold' && ' held'} from {binding.command.name}
              </span>
            </ChangeButton>
          </li>
        ))}
      </ul>
    </div>
  )
}
