import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { KIT } from '../../api/keys'
import { useSeat, type Seat } from '../../seat/seat'

const stripesQuery = (applications: string, within: string, seat: Seat) => {
  const query = { ...seat, ...(applications === '' ? {} : { applications }), ...(within === '' ? {} : { within }) }
  return queryOptions({
    queryKey: [...KIT, 'stripes', query],
    queryFn: () => answer(api.GET('/stripes', { params: { query } })),
    placeholderData: keepPreviousData,
  })
}

/**
 * @param applications ids with commas between; empty for all
 * @param within id of the one application whose contexts are compared instead; empty for none
 */
export const useStripes = (applications: string, within: string) => useQuery(stripesQuery(applications, within, useSeat()))

const falseFriendsQuery = (from: string, to: string, seat: Seat) => {
  const query = { ...seat, ...(from === '' ? {} : { from }), ...(to === '' ? {} : { to }) }
  return queryOptions({
    queryKey: [...KIT, 'false-friends', query],
    queryFn: () => answer(api.GET('/false-friends', { params: { query } })),
    placeholderData: keepPreviousData,
  })
}

/**
 * @param from id of the application that the hands know; empty for all
 * @param to id of the one in which they are misled; empty for all
 */
export const useFalseFriends = (from: string, to: string) => useQuery(falseFriendsQuery(from, to, useSeat()))

const carryOverQuery = (wanted: Schema['CarryOverWanted'] | null, query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'carry-over', wanted, query],
    queryFn: () => answer(api.POST('/carry-overs', { params: { query }, body: wanted ?? { target: '', sources: [] } })),
    enabled: wanted !== null,
    placeholderData: keepPreviousData,
  })

/** @param wanted null asks nothing */
export const useCarryOver = (wanted: Schema['CarryOverWanted'] | null) => useQuery(carryOverQuery(wanted, useSeat()))

const familiarityQuery = (suite: string, query: Seat) =>
  queryOptions({
    queryKey: [...KIT, 'familiarity', suite, query],
    queryFn: () => answer(api.GET('/suites/{suite}/familiarity', { params: { path: { suite }, query } })),
    enabled: suite !== '',
  })

/** @param suite id; empty while it is not known */
export const useFamiliarity = (suite: string) => useQuery(familiarityQuery(suite, useSeat()))
