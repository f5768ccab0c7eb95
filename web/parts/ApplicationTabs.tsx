import { NavLink } from 'react-router'
import { useApplications } from '../api/queries'

/** Switches the application of a place whose address ends with it. */
export function ApplicationTabs({ place }: { place: string }) {
  const applications = useApplications().data?.applications ?? []
  return (
    <nav className="application-tabs" aria-label="Applications">
      {applications.map(({ id, name }) => <NavLink key={id} to={`/${place}/${id}`}>{name}</NavLink>)}
    </nav>
  )
}
