import { useNavigate } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { SUITES } from '../../api/keys'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'

const FORGETS = { forgets: [SUITES] }

/** Handing a release over to a suite. */
export function useHandOver(suite: string) {
  const query = useSeat()
  return useWrite(
    (release: number) => answer(api.POST('/suites/{suite}/handovers', { params: { path: { suite }, query }, body: { release } })),
    FORGETS,
  )
}

/** Putting a copy of an overwritten file back, by its name. */
export function usePutBack(suite: string) {
  const query = useSeat()
  return useWrite(
    (copy: string) => answer(api.POST('/suites/{suite}/put-backs', { params: { path: { suite }, query }, body: { copy } })),
    FORGETS,
  )
}

/** Importing the key file of an application as it is in a suite. */
export function useImport(suite: string) {
  const query = useSeat()
  const navigate = useNavigate()
  return useWrite(
    (application: string) => answer(api.POST('/suites/{suite}/imports', { params: { path: { suite }, query }, body: { application } })),
    {
      onDone: ({ application, id }: Schema['KeyFileReport']) => navigate(`/applications/${application.id}/key-files/${id}`),
    },
  )
}
