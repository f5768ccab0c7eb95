import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'

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

/** A usage log as it looks, and what is read from it with the columns that are pointed at; null for no log. */
export function useLogPreview(id: number, file: File | null, columns: Schema['LogColumns'] | null) {
  return useQuery({
    queryKey: ['usage-log-preview', id, file?.name, file?.size, file?.lastModified, columns],
    queryFn: () => {
      const form = new FormData()
      if (file !== null) form.append('file', file)
      for (const [name, value] of columns === null ? [] : fieldsOf(columns)) form.append(`usage_log${name}`, value)
      return answer(
        api.POST('/house-applications/{houseApplication}/usage-log-previews', {
          params: { path: { houseApplication: id } },
          body: { file: '' },
          bodySerializer: () => form,
        }),
      )
    },
    enabled: file !== null,
    placeholderData: keepPreviousData,
  })
}

/** Columns as the fields of a form. */
function fieldsOf({ day, command, key, mouse, hand }: Schema['LogColumns']): [name: string, value: string][] {
  return [
    ['[day]', day],
    ['[command]', command],
    ...(key === undefined ? [] : [['[key]', key] as [string, string]]),
    ...(mouse === undefined ? [] : [['[mouse]', mouse] as [string, string]]),
    ...(hand === undefined
      ? []
      : [
          ['[hand][column]', hand.column] as [string, string],
          ...hand.key.map((word): [string, string] => ['[hand][key][]', word]),
          ...hand.mouse.map((word): [string, string] => ['[hand][mouse][]', word]),
        ]),
  ]
}
