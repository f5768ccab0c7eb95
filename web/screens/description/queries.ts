import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'

export const HOUSE_APPLICATIONS = ['house-applications'] as const

export const useHouseApplications = () =>
  useQuery(queryOptions({ queryKey: HOUSE_APPLICATIONS, queryFn: () => answer(api.GET('/house-applications')) }))

/** What of an application of the house is looked at. */
export interface Window {
  /** The first line of the key file that is shown. */
  from: number
  command: string
  command_from: number
}

export const houseApplicationQuery = (id: number, query: Window) =>
  queryOptions({
    queryKey: ['house-application', id, query],
    queryFn: () => answer(api.GET('/house-applications/{houseApplication}', { params: { path: { houseApplication: id }, query } })),
    placeholderData: keepPreviousData,
  })

export const useHouseApplication = (id: number, window: Window) => useQuery(houseApplicationQuery(id, window))

export const useProposedMatches = (id: number, version: number) =>
  useQuery({
    queryKey: ['proposed-matches', id, version],
    queryFn: () =>
      answer(api.GET('/house-applications/{houseApplication}/proposed-matches', { params: { path: { houseApplication: id } } })),
  })
