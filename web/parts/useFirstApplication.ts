import { useParams } from 'react-router'
import { useApplications } from '../api/applications'

/** The application that the address names, else the first; empty while neither is known. */
export function useFirstApplication(): string {
  const { application } = useParams()
  const { data } = useApplications()
  return application ?? data?.applications[0]?.id ?? ''
}
