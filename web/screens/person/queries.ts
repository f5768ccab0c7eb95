import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { PEOPLE } from '../../api/keys'

export const usePeople = () => useQuery({ queryKey: PEOPLE, queryFn: () => answer(api.GET('/people')) })

/** What an invitation is for; asked once for each token. */
export const useOpenedInvitation = (token: string) =>
  useQuery({
    queryKey: ['invitation', token],
    queryFn: () => answer(api.POST('/opened-invitations', { body: { token } })),
    enabled: token !== '',
    staleTime: Infinity,
  })
