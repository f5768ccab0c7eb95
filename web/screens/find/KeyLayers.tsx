import { memo } from 'react'
import { Link } from 'react-router'
import { namesOf, spokenName } from '../../board/names'
import { allContexts, ladderOf, pressId, usesOf, type BoardKey, type Table, type TableApplication } from '../../board/table'
import { toChord, toRemap } from './leads'
import css from './find.module.css'

interface Props {
  table: Table
  application: TableApplication
  context: number
  of: BoardKey
  onLayer: (layer: string) => void
}

/** What one key does in every layer, with the focus in one context. A name leads to changing it, a layer shows itself on the board. */
export const KeyLayers = memo(function KeyLayers({ table, application, context, of, onLayer }: Props) {
  const at = table.board.keys.indexOf(of)
  const focus = application.contexts[context]
  return (
    <section data-testid="key-layers" className={css.keyLayers} aria-label={`Every layer of ${of.spoken}`}>
      <h2>
        Every layer of {of.spoken} in {application.name}, <small>focus in {focus?.name ?? 'any context'}</small>
      </h2>
      <ul>
        {table.layers.map((layer, number) => {
          const press = pressId(layer.id, of.key)
          const names = namesOf(application, press, context)
          const use = usesOf(application, context, number)[at]
          const winner = ladderOf(application, press, context).winner
          const home = focus?.id ?? (context === allContexts(application) ? '' : 'everywhere')
          return (
            <li key={layer.id} data-use={use}>
              <i className={css.dot} data-use={use} aria-hidden="true" />
              <button type="button" className="plain" onClick={() => onLayer(layer.id)}>
                {layer.caps.length === 0 ? 'plain' : layer.caps.join(' ')}
                <span className="visually-hidden">: show this layer</span>
              </button>
              {names.length === 0 ? (
                <Link to={toChord(application.id, press, home)}>{use === 'free' ? 'free' : 'in other contexts'}</Link>
              ) : (
                <Link to={winner === null ? toChord(application.id, press, home) : toRemap(application.id, winner.id, home)}>
                  {names.map(spokenName).join(' · ')}
                </Link>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
})
