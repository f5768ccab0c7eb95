import { Outlet } from 'react-router'
import { ScreenHead } from '../../parts/ScreenHead'
import { ViewTabs } from '../../parts/Tabs'
import css from './learn.module.css'

const VIEWS = [
  ['/learn', 'Today'],
  ['/learn/savings', 'Savings'],
  ['/learn/cards', 'Cards'],
  ['/learn/pictures', 'Pictures'],
  ['/learn/paper', 'On paper'],
  ['/learn/usage', 'Usage'],
] as const

/** What is worth knowing next, and how it comes into the fingers. Each view has an address of its own. */
export function LearnScreen() {
  return (
    <>
      <div className={css.head}>
        <ScreenHead title="Learn">
          <ViewTabs views={VIEWS} />
        </ScreenHead>
      </div>
      <Outlet />
    </>
  )
}
