import { useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schema } from '../../api/client'
import { PEOPLE, SESSION } from '../../api/keys'
import { askSession } from '../../api/session'
import { useWrite } from '../../parts/useWrite'

export type Role = Schema['Person']['role']

const LIST = { forgets: [PEOPLE] }

export const useInvite = () =>
  useWrite((body: { email: string; name: string; role: Role }) => answer(api.POST('/invitations', { body })), LIST)

export const useWithdrawInvitation = () =>
  useWrite((invitation: number) => answer(api.DELETE('/invitations/{invitation}', { params: { path: { invitation } } })), LIST)

export interface PersonChange {
  version: number
  role?: Role
  is_disabled?: boolean
}

export const useChangePerson = (person: number) =>
  useWrite((body: PersonChange) => answer(api.PATCH('/people/{person}', { params: { path: { person } }, body })), {
    forgets: [PEOPLE, SESSION],
  })

export const useRemovePerson = (person: number) =>
  useWrite(() => answer(api.DELETE('/people/{person}', { params: { path: { person } } })), LIST)

export const useEndSecondFactor = (person: number) =>
  useWrite(() => answer(api.DELETE('/people/{person}/second-factor', { params: { path: { person } } })), LIST)

export const usePasswordLink = (person: number) =>
  useWrite(() => answer(api.POST('/people/{person}/password-link', { params: { path: { person } } })))

export function useJoin(onDone: () => unknown) {
  const client = useQueryClient()
  return useWrite(
    async (body: { token: string; name: string; password: string }) => {
      await answer(api.POST('/accounts', { body }))
      await askSession(client)
    },
    { onDone },
  )
}
