import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { useTable } from '../../board/queries'
import { Asking } from '../../parts/Asking'
import { Choice } from '../../parts/Choice'
import { Empty } from '../../parts/Empty'
import { useAddress } from '../../parts/useAddress'
import { HeatBoard, type Measure } from './HeatBoard'
import { usePictures } from './queries'
import { WeeksChart } from './WeeksChart'
import layout from '../../parts/layout.module.css'
import css from './learn.module.css'

/** The board as a map of heat, and the weeks: each with its table beside it. */
export function PicturesView() {
  const [read] = useAddress()
  return (
    <Asking of={usePictures(read('application'), read('against'))}>
      {(pictures) =>
        pictures.application === null || pictures.now === null ? (
          <Empty>
            <strong>There is nothing to draw yet.</strong> <Link to="/learn/usage">Bring a usage log</Link>; then this shows where on the
            board your work is done, and what changes from week to week.
          </Empty>
        ) : (
          <Drawn pictures={pictures} application={pictures.application} now={pictures.now} />
        )
      }
    </Asking>
  )
}

interface DrawnProps {
  pictures: Schema['LearningPictures']
  application: Schema['Named']
  now: Schema['HeatMap']
}

function Drawn({ pictures, application, now }: DrawnProps) {
  const [read, write] = useAddress()
  const measure: Measure = read('by') === 'travel' ? 'travel' : 'presses'
  const against = pictures.states.find(({ id }) => id === read('against'))
  return (
    <>
      <section aria-labelledby="heat">
        <h2 id="heat">Where on the board</h2>
        <div className={css.choices}>
          <Choice
            label="Application "
            value={application.id}
            of={pictures.applications}
            onChange={(next) => write({ application: next, against: '' })}
          />
          <Choice
            label="Beside it "
            value={read('against')}
            of={pictures.states}
            none="nothing"
            onChange={(next) => write({ against: next })}
          />
          <div className={layout.filters} role="group" aria-label="By">
            <button type="button" className="plain" aria-pressed={measure === 'presses'} onClick={() => write({ by: '' })}>
              presses a week
            </button>
            <button type="button" className="plain" aria-pressed={measure === 'travel'} onClick={() => write({ by: 'travel' })}>
              metres of travel a week
            </button>
          </div>
        </div>
        <Asking of={useTable()}>
          {({ board }) => (
            <>
              {pictures.before !== null && against !== undefined && (
                <HeatBoard
                  board={board}
                  map={pictures.before}
                  scale={Math.max(peak(pictures.before, measure), peak(now, measure))}
                  measure={measure}
                  title={`The same work with ${against.name.replace(/^before: /, 'the keymap before ')}`}
                />
              )}
              <HeatBoard
                board={board}
                map={now}
                scale={Math.max(pictures.before === null ? 0 : peak(pictures.before, measure), peak(now, measure))}
                measure={measure}
                title={`${application.name} now`}
              />
            </>
          )}
        </Asking>
      </section>
      <section aria-labelledby="weeks">
        <h2 id="weeks">Week by week</h2>
        <WeeksChart weeks={pictures.weeks} />
      </section>
    </>
  )
}

const peak = (map: Schema['HeatMap'], measure: Measure): number =>
  Math.max(0, ...map.keys.map((key) => (measure === 'travel' ? key.travel_m : key.presses)))
