import type { ReactNode } from 'react'
import { Navigate, useLocation } from 'react-router'
import { useSession } from '../api/session'
import type { Schema } from '../api/client'
import { Asking } from '../parts/Asking'

interface Props {
  children: ReactNode | ((person: NonNullable<Schema['Session']['person']>) => ReactNode)
}

/** For people who are signed in; others are led to the door and come back here. */
export function SignedIn({ children }: Props) {
  const { pathname, search } = useLocation()
  return (
    <Asking of={useSession()}>
      {({ person, house }) => {
        if (!house.is_set_up) return <Navigate to="/set-up" replace />
        if (person === null) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname + search)}`} replace />
        return typeof children === 'function' ? children(person) : children
      }}
    </Asking>
  )
}
