import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from './client'

const applicationsQuery = queryOptions({
  queryKey: ['applications'],
  queryFn: () => answer(api.GET('/applications')),
  staleTime: Infinity,
})

export const useApplications = () => useQuery(applicationsQuery)

const catalogueQuery = (application: string) =>
  queryOptions({
    queryKey: ['catalogue', application],
    queryFn: () => answer(api.GET('/applications/{application}', { params: { path: { application } } })),
    enabled: application !== '',
    staleTime: Infinity,
  })

/** @param application id; empty while it is not known */
export const useCatalogue = (application: string) => useQuery(catalogueQuery(application))

/** What an application is called, by its id; the id while its name is not known. */
export function useApplicationNames(): (id: string) => string {
  const applications = useApplications().data?.applications
  return (id) => applications?.find((one) => one.id === id)?.name ?? id
}
