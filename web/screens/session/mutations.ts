import { useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { useWrite } from '../../parts/useWrite'
import { sessionQuery } from '../../api/session'

export function useSignIn(onDone: () => unknown) {
  const client = useQueryClient()
  return useWrite(
    async (body: { email: string; password: string }) => {
      // Asked for its cookie: the server wants the token in it back with the sign-in.
      await client.query({ ...sessionQuery, staleTime: 0 })
      return answer(api.POST('/session', { body }))
    },
    {
      onDone: (session) => {
        client.setQueryData(sessionQuery.queryKey, session)
        return onDone()
      },
    },
  )
}
