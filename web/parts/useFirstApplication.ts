import { useEffect } from 'react'
import { useParams } from 'react-router'
import { useApplications } from '../api/applications'
import { remember, remembered } from './remembered'

/** The application that the address names, else the one used last, else the first; empty while none of them is known. */
export function useFirstApplication(): string {
  const { application } = useParams()
  const { data } = useApplications()
  useEffect(() => {
    if (application !== undefined && data?.applications.some(({ id }) => id === application) === true) remember('application', application)
  }, [application, data])
  const last = data?.applications.find(({ id }) => id === remembered('application'))?.id
  return application ?? last ?? data?.applications[0]?.id ?? ''
}
