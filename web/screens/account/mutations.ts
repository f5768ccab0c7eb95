import { useNavigate } from 'react-router'
import { answer, api } from '../../api/client'
import { ACCOUNT, SESSION } from '../../api/keys'
import { saveFile } from '../../parts/saveFile'
import { useWrite } from '../../parts/useWrite'

const OWN = { forgets: [ACCOUNT] }

export const useRename = () =>
  useWrite((name: string) => answer(api.PATCH('/account', { body: { name } })), { forgets: [ACCOUNT, SESSION] })

export const useChangePassword = (onDone: () => unknown) =>
  useWrite((body: { current: string; password: string }) => answer(api.PUT('/account/password', { body })), { ...OWN, onDone })

export const useEndSession = () =>
  useWrite((session: string) => answer(api.DELETE('/account/sessions/{session}', { params: { path: { session } } })), OWN)

export const useEndOtherSessions = () => useWrite(() => answer(api.DELETE('/account/sessions')), OWN)

export const useBeginSecondFactor = () => useWrite((password: string) => answer(api.POST('/account/second-factor', { body: { password } })))

/** @param onCodes takes the recovery codes */
export const useConfirmSecondFactor = (onCodes: (codes: string[]) => void) =>
  useWrite((code: string) => answer(api.PUT('/account/second-factor', { body: { code } })), {
    ...OWN,
    onDone: ({ codes }) => onCodes(codes),
  })

export const useEndSecondFactor = () =>
  useWrite((password: string) => answer(api.DELETE('/account/second-factor', { body: { password } })), OWN)

export interface NewToken {
  name: string
  abilities: ('read' | 'write')[]
  days: number
  password: string
}

export const useMakeToken = () => useWrite((body: NewToken) => answer(api.POST('/account/tokens', { body })), OWN)

export const useWithdrawToken = () =>
  useWrite((token: number) => answer(api.DELETE('/account/tokens/{token}', { params: { path: { token } } })), OWN)

/** All that is stored of somebody, as a file of theirs. */
export const useExportOwnData = () =>
  useWrite(() => answer(api.POST('/account/data-exports')), {
    onDone: (data) => saveFile('my-zebrafinch.json', JSON.stringify(data, null, 2), 'application/json'),
  })

export function useRemoveAccount() {
  const navigate = useNavigate()
  return useWrite((password: string) => answer(api.DELETE('/account', { body: { password } })), {
    forgets: [SESSION],
    onDone: () => navigate('/sign-in'),
  })
}

export const useAskForReset = () => useWrite((email: string) => answer(api.POST('/password-resets', { body: { email } })))

export const useResetPassword = () =>
  useWrite((body: { email: string; token: string; password: string }) => answer(api.PUT('/password-resets', { body })))
