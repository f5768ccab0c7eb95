import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { ACCOUNT } from '../../api/keys'

export const useAccount = () => useQuery({ queryKey: ACCOUNT, queryFn: () => answer(api.GET('/account')) })
