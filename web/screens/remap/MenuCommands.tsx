import { useState } from 'react'
import { useCatalogue } from '../../api/applications'
import { beginDrag } from '../../board/dragging'
import { Asking } from '../../parts/Asking'
import css from './remap.module.css'

interface Props {
  application: string
  onChoose: (command: string) => void
}

/** The commands as they stand in the menus, for the hand that stays on the mouse: a click chooses one, a drag takes it onto a key. */
export function MenuCommands({ application, onChoose }: Props) {
  const [open, setOpen] = useState<string | null>(null)
  return (
    <details className={css.menus}>
      <summary>or from a menu</summary>
      <Asking of={useCatalogue(application)}>
        {({ commands }) => {
          const menuOf = (menu: readonly string[]) => (menu.length > 1 ? menu.slice(0, -1).join(' › ') : 'in no menu')
          const menus = [...new Set(commands.map(({ menu }) => menuOf(menu)))]
          return (
            <ul className={css.finderHits}>
              {menus.map((name) => (
                <li key={name}>
                  <button type="button" aria-expanded={open === name} onClick={() => setOpen(open === name ? null : name)}>
                    <b>{name}</b>
                  </button>
                  {open === name && (
                    <ul>
                      {commands
                        .filter(({ menu }) => menuOf(menu) === name)
                        .map(({ id, name: called }) => (
                          <li key={id}>
                            <button
                              type="button"
                              draggable
                              onDragStart={(event) => beginDrag(event, { kind: 'command', command: id })}
                              onClick={() => onChoose(id)}
                            >
                              {called}
                            </button>
                          </li>
                        ))}
                    </ul>
                  )}
                </li>
              ))}
            </ul>
          )
        }}
      </Asking>
    </details>
  )
}
