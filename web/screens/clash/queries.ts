import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const clashesQuery = (application: string, withParallels: boolean, seat: Seat) => {
  const query = withParallels ? { ...seat, parallels: '1' as const } : seat
  return queryOptions({
    queryKey: [...KIT, 'clashes', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/clashes', { params: { path: { application }, query } })),
    enabled: application !== '',
    placeholderData: keepPreviousData,
  })
}

/** @param application id; empty while it is not known */
export const useClashes = (application: string, withParallels: boolean) => useQuery(clashesQuery(application, withParallels, useSeat()))

const remediesQuery = (application: string, clash: string, query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'remedies', application, clash, query],
    queryFn: () => answer(api.GET('/applications/{application}/clashes/{clash}', { params: { path: { application, clash }, query } })),
    enabled: application !== '' && clash !== '',
  })

export const useRemedies = (application: string, clash: string) => useQuery(remediesQuery(application, clash, useSeat()))

const settlementQuery = (application: string, withWarnings: boolean, seat: Seat) => {
  const query = withWarnings ? { ...seat, warnings: '1' as const } : seat
  return queryOptions({
    queryKey: [...KIT, 'settlement', application, query],
    queryFn: () => answer(api.GET('/applications/{application}/settlement', { params: { path: { application }, query } })),
    placeholderData: keepPreviousData,
  })
}

export const useSettlement = (application: string, withWarnings: boolean) => useQuery(settlementQuery(application, withWarnings, useSeat()))
