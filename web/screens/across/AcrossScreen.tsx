import { Outlet } from 'react-router'
import { ScreenHead } from '../../parts/ScreenHead'
import { ViewTabs } from '../../parts/Tabs'
import css from './across.module.css'

const VIEWS = [
  ['/across', 'Stripes'],
  ['/across/false-friends', 'False friends'],
  ['/across/carry-over', 'Carry over'],
  ['/across/harmonise', 'Harmonise'],
  ['/across/familiarity', 'Familiarity'],
  ['/across/usage', 'Usage'],
  ['/across/intents', 'Intents'],
] as const

/** Across applications: how alike they are, what misleads, and the ways to make them alike. Each is a view with an address of its own. */
export function AcrossScreen() {
  return (
    <>
      <ScreenHead title="Across" />
      <div className={css.views}>
        <ViewTabs views={VIEWS} />
      </div>
      <Outlet />
    </>
  )
}
