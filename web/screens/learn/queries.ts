import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { LEARN } from '../../api/keys'
import { useSeat } from '../../seat/seat'

/** How far one is and what to do now. */
export function useLearn() {
  const query = useSeat()
  return useQuery({ queryKey: [...LEARN, 'today', query], queryFn: () => answer(api.GET('/learn', { params: { query } })) })
}

export function useSavings() {
  const query = useSeat()
  return useQuery({ queryKey: [...LEARN, 'savings', query], queryFn: () => answer(api.GET('/learn/savings', { params: { query } })) })
}

export function useCards() {
  const query = useSeat()
  return useQuery({ queryKey: [...LEARN, 'cards', query], queryFn: () => answer(api.GET('/learn/cards', { params: { query } })) })
}

/** @param application empty for the one that is used most @param against empty for none */
export function usePictures(application: string, against: string) {
  const query = { ...useSeat(), application, against }
  return useQuery({
    queryKey: [...LEARN, 'pictures', query],
    queryFn: () => answer(api.GET('/learn/pictures', { params: { query } })),
    placeholderData: keepPreviousData,
  })
}

export function useDifferences() {
  const query = useSeat()
  return useQuery({
    queryKey: [...LEARN, 'differences', query],
    queryFn: () => answer(api.GET('/learn/differences', { params: { query } })),
  })
}

/** @param suite empty for none */
export function useSuiteDifferences(suite: string) {
  const query = useSeat()
  return useQuery({
    queryKey: [...LEARN, 'suite', suite, query],
    queryFn: () => answer(api.GET('/learn/suites/{suite}', { params: { path: { suite }, query } })),
    enabled: suite !== '',
  })
}

export function useDrill(drill: string) {
  const query = useSeat()
  return useQuery({
    queryKey: ['drill', drill, query],
    queryFn: () => answer(api.GET('/learn/drills/{drill}', { params: { path: { drill }, query } })),
  })
}
