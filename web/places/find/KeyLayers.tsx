import { Disclosure } from '../../parts/Disclosure'
import { ladderOf, pressId, usesOf, type BoardKey, type Table, type TableApplication } from '../../board/table'

interface Props { table: Table; application: TableApplication; place: number; of: BoardKey }

/** What one key does in every layer, with the focus in one place. */
export function KeyLayers({ table, application, place, of }: Props) {
  const at = table.board.keys.indexOf(of)
  const context = application.contexts[place]?.name ?? 'any context'
  return (
    <Disclosure className="key-layers" summary={<>Every layer of {of.spoken} in {application.name}, focus in {context}</>}>
      {() => (
        <ul>
          {table.layers.map((layer, number) => {
            const winner = ladderOf(application, pressId(layer.id, of.key), place).winner
            const use = usesOf(application, place, number)[at]
            return (
              <li key={layer.id} data-use={use}>
                <i className="dot" data-use={use} aria-hidden="true" />
                <span>{layer.caps.length === 0 ? 'plain' : layer.caps.join(' ')}<span className="visually-hidden">: </span></span>
                {winner?.name ?? (use === 'free' ? 'free' : 'in other contexts')}
              </li>
            )
          })}
        </ul>
      )}
    </Disclosure>
  )
}
