import { useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { SESSION } from '../../api/keys'
import { askSession } from '../../api/session'
import { useWrite } from '../../parts/useWrite'

export interface FirstVisit {
  code: string
  house: string
  name: string
  email: string
  password: string
}

export function useSetUp() {
  const client = useQueryClient()
  return useWrite(async (body: FirstVisit) => {
    await answer(api.POST('/set-up', { body }))
    await askSession(client)
  })
}

export const useNameHouse = () =>
  useWrite((body: { name: string; version: number }) => answer(api.PATCH('/house', { body })), { forgets: [SESSION] })
