import { Disclosure } from '../../parts/Disclosure'
import { ladderOf, pressId, usesOf, type BoardKey, type Table, type TableApplication } from '../../board/table'
import css from './find.module.css'

interface Props {
  table: Table
  application: TableApplication
  context: number
  of: BoardKey
}

/** What one key does in every layer, with the focus in one context. */
export function KeyLayers({ table, application, context, of }: Props) {
  const at = table.board.keys.indexOf(of)
  const focus = application.contexts[context]?.name ?? 'any context'
  return (
    <Disclosure
      data-testid="key-layers"
      className={css.keyLayers}
      summary={
        <>
          Every layer of {of.spoken} in {application.name}, focus in {focus}
        </>
      }
    >
      {() => (
        <ul>
          {table.layers.map((layer, number) => {
            const winner = ladderOf(application, pressId(layer.id, of.key), context).winner
            const use = usesOf(application, context, number)[at]
            return (
              <li key={layer.id} data-use={use}>
                <i className={css.dot} data-use={use} aria-hidden="true" />
                <span>
                  {layer.caps.length === 0 ? 'plain' : layer.caps.join(' ')}
                  <span className="visually-hidden">: </span>
                </span>
                {winner?.name ?? (use === 'free' ? 'free' : 'in other contexts')}
              </li>
            )
          })}
        </ul>
      )}
    </Disclosure>
  )
}
