import { NavLink } from 'react-router'
import { useApplications } from '../api/applications'
import { Asking } from './Asking'
import css from './Tabs.module.css'

/** Switches the application of a screen whose address ends with it. */
export function ApplicationTabs({ screen }: { screen: string }) {
  return (
    <nav className={css.tabs} aria-label="Applications">
      <Asking of={useApplications()}>
        {({ applications }) =>
          applications.map(({ id, name }) => (
            <NavLink key={id} to={`/${screen}/${id}`}>
              {name}
            </NavLink>
          ))
        }
      </Asking>
    </nav>
  )
}

/** @param views address and name; the first is the screen's own address */
export function ViewTabs({ views }: { views: readonly (readonly [to: string, name: string])[] }) {
  return (
    <nav className={css.tabs} aria-label="Views">
      {views.map(([to, name], index) => (
        <NavLink key={to} to={to} end={index === 0}>
          {name}
        </NavLink>
      ))}
    </nav>
  )
}
