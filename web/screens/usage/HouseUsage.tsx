import { Asking } from '../../parts/Asking'
import { counted } from '../../parts/counted'
import { Empty } from '../../parts/Empty'
import { useHouseUsage } from './queries'
import table from '../../parts/table.module.css'
import css from './usage.module.css'

/** As many as one reads. */
const SHOWN = 200

/** What the house uses: sums that nobody can be read from. */
export function HouseUsage() {
  return (
    <Asking of={useHouseUsage()}>
      {({ people, fewest_people: fewest, uses }) => (
        <>
          <p>
            {counted(people, 'person has', 'people have')} said yes to being counted, or brought a log. A command is told here once it was
            used by {fewest} of them; the week that goes on is left out.
          </p>
          {uses.length === 0 ? (
            <Empty>
              <strong>Nothing can be told yet.</strong> Sums of fewer than {fewest} people could be somebody’s.
            </Empty>
          ) : (
            <table className={table.findings}>
              <thead>
                <tr>
                  <th scope="col">Command</th>
                  <th scope="col">By key</th>
                  <th scope="col">By mouse</th>
                  <th scope="col">People</th>
                </tr>
              </thead>
              <tbody>
                {uses.slice(0, SHOWN).map((one) => (
                  <tr key={`${one.application.id} ${one.command.id}`}>
                    <td>
                      {one.command.name} <span className="quiet">{one.application.name}</span>
                    </td>
                    <td className={css.number}>{one.by_key.toLocaleString()}</td>
                    <td className={css.number}>{one.by_mouse.toLocaleString()}</td>
                    <td className={css.number}>{one.people}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </Asking>
  )
}
