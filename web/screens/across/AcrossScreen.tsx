import { Outlet } from 'react-router'
import { useApplications } from '../../api/applications'
import { NoApplication } from '../../parts/NoApplication'
import { ScreenHead } from '../../parts/ScreenHead'
import { ViewTabs } from '../../parts/Tabs'
import css from './across.module.css'

const VIEWS = [
  ['/across', 'Stripes'],
  ['/across/false-friends', 'False friends'],
  ['/across/carry-over', 'Carry over'],
  ['/across/harmonise', 'Harmonise'],
  ['/across/familiarity', 'Familiarity'],
  ['/across/intents', 'Intents'],
] as const

/** Across applications: how alike they are, what misleads, and the ways to make them alike. Each is a view with an address of its own. */
export function AcrossScreen() {
  const hasNone = useApplications().data?.applications.every(({ is_desktop: isDesktop }) => isDesktop) === true
  return (
    <>
      <ScreenHead title="Across" />
      <div className={css.views}>
        <ViewTabs views={VIEWS} />
      </div>
      {hasNone ? <NoApplication /> : <Outlet />}
    </>
  )
}
