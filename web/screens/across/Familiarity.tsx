import { Link } from 'react-router'
import { SuiteSelect } from '../../parts/AskedSelect'
import { useSuites } from '../../api/suites'
import { useFamiliarity } from './queries'
import { Asking } from '../../parts/Asking'
import { Keys } from '../../parts/Keys'
import { HeadLine } from '../../parts/ScreenHead'
import { useAddress } from '../../parts/useAddress'
import { cx } from '../../parts/cx'
import css from './across.module.css'
import head from '../../parts/ScreenHead.module.css'
import table from '../../parts/table.module.css'
import { Empty } from '../../parts/Empty'

/** How much of what one's hands know does the same in another suite, and what does not. */
export function Familiarity() {
  const [read, write] = useAddress()
  const suites = useSuites()
  const chosen = read('suite') === '' ? (suites.data?.suites[0]?.id ?? '') : read('suite')
  const familiarity = useFamiliarity(chosen)
  return (
    <>
      <HeadLine>
        <label className={head.atStart}>
          My kit in <SuiteSelect className="form-select form-select-sm" value={chosen} onChoose={(suite) => write({ suite })} />
        </label>
      </HeadLine>
      <Asking of={familiarity}>
        {({ suite, share, known, surprises }) => (
          <>
            <p>
              {share === null ? (
                `Your kit has no chord for the applications of ${suite.name}.`
              ) : (
                <>
                  <strong>{share < 1 ? Math.min(99, Math.round(share * 100)) : 100} %</strong> of what your hands know does the same in{' '}
                  {suite.name}, the most used counting more: {known - surprises.length} of {known} chords.
                </>
              )}
            </p>
            {surprises.length === 0 ? (
              <Empty>
                <strong>No surprise waits there.</strong>
              </Empty>
            ) : (
              <table className={cx(table.findings, css.friends)}>
                <thead>
                  <tr>
                    <th scope="col">Chord</th>
                    <th scope="col">You expect</th>
                    <th scope="col">There</th>
                  </tr>
                </thead>
                <tbody>
                  {surprises.map((one) => (
                    <tr key={`${one.application.id} ${one.binding.id}`} data-dangerous={one.is_dangerous}>
                      <td>
                        <Keys chord={one.binding.chord} />
                      </td>
                      <td>
                        {one.expected.name}{' '}
                        <span className="quiet">
                          {one.binding.context.name}, {one.application.name}
                        </span>
                      </td>
                      <td>
                        {one.is_dangerous && <b className={css.danger}>destroys: </b>}
                        {one.instead === null ? (
                          'nothing'
                        ) : (
                          <Link to={`/remap/${one.application.id}?command=${encodeURIComponent(one.instead.id)}`}>{one.instead.name}</Link>
                        )}{' '}
                        <span className="quiet">{one.sentence}</span>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </>
        )}
      </Asking>
    </>
  )
}
