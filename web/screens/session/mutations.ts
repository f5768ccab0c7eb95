import { useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { useWrite } from '../../parts/useWrite'
import { sessionQuery } from '../../api/session'

export function useSignIn(onDone: () => unknown) {
  const client = useQueryClient()
  return useWrite((body: { email: string; password: string; code?: string }) => answer(api.POST('/session', { body })), {
    onDone: (session) => {
      client.setQueryData(sessionQuery.queryKey, session)
      return onDone()
    },
  })
}
