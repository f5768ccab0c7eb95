import { useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answer, api, upload, type Schema } from '../../api/client'
import { useWrite } from '../../parts/useWrite'
import { HOUSE_APPLICATIONS, houseApplicationQuery, type Window } from './queries'

/** What changes wherever applications are listed. */
const LISTS = [HOUSE_APPLICATIONS, ['applications'], ['catalogue'], ['kit']] as const

type Brought = Schema['HouseApplication']

export function useBring() {
  const navigate = useNavigate()
  return useWrite(
    ({ name, files }: { name: string; files: readonly File[] }) => {
      const form = new FormData()
      form.append('name', name)
      for (const file of files) form.append('files[]', file)
      return answer(api.POST('/house-applications', { body: { name, 'files[]': [] }, bodySerializer: () => form }))
    },
    { forgets: LISTS, onDone: ({ id }: Brought) => navigate(`/house-applications/${id}`) },
  )
}

export const useFilePreview = () => useWrite((file: File) => answer(api.POST('/house-applications/file-previews', { ...upload(file) })))

export function useTakeIn() {
  const navigate = useNavigate()
  return useWrite((file: File) => answer(api.POST('/house-applications/files', { ...upload(file) })), {
    forgets: LISTS,
    onDone: ({ id }: Brought) => navigate(`/house-applications/${id}`),
  })
}

/** What a change gives takes the place of what is shown, so that the marking moves at once. */
function useShown(id: number, window: Window) {
  const client = useQueryClient()
  return (brought: Brought) => {
    client.setQueryData(houseApplicationQuery(id, window).queryKey, brought)
  }
}

export type DescriptionChange = Omit<Schema['HouseApplicationChange'], 'version'>

export function useDescribe(id: number, version: number, window: Window) {
  const client = useQueryClient()
  // What another part of the page has written since this one was drawn counts.
  const newest = () => client.getQueryData(houseApplicationQuery(id, window).queryKey)?.version ?? version
  const onDone = useShown(id, window)
  return useWrite(
    (change: DescriptionChange) =>
      answer(
        api.PATCH('/house-applications/{houseApplication}', {
          params: { path: { houseApplication: id }, query: window },
          body: { version: newest(), ...change },
        }),
      ),
    { forgets: LISTS, onDone },
  )
}

export function useReady(id: number, version: number, window: Window) {
  const onDone = useShown(id, window)
  return useWrite(
    () =>
      answer(api.POST('/house-applications/{houseApplication}/ready', { params: { path: { houseApplication: id } }, body: { version } })),
    { forgets: LISTS, onDone },
  )
}

export function usePutAway(id: number, version: number, window: Window) {
  const onDone = useShown(id, window)
  return useWrite(
    () =>
      answer(
        api.POST('/house-applications/{houseApplication}/put-away', { params: { path: { houseApplication: id } }, body: { version } }),
      ),
    { forgets: LISTS, onDone },
  )
}

export function useThrowAway(id: number, version: number) {
  const navigate = useNavigate()
  return useWrite(
    () => answer(api.DELETE('/house-applications/{houseApplication}', { params: { path: { houseApplication: id } }, body: { version } })),
    { forgets: LISTS, onDone: () => navigate('/applications') },
  )
}

export interface Newer {
  file: File
  /** The new word by the id of a command; empty for none. */
  renamed: Record<string, string>
}

function newerForm(version: number, { file, renamed }: Newer): FormData {
  const form = new FormData()
  form.append('version', String(version))
  form.append('file', file)
  for (const [id, word] of Object.entries(renamed)) form.append(`renamed[${id}]`, word)
  return form
}

export const useVersionPreview = (id: number, version: number) =>
  useWrite((newer: Newer) =>
    answer(
      api.POST('/house-applications/{houseApplication}/version-previews', {
        params: { path: { houseApplication: id } },
        body: { version, file: '' },
        bodySerializer: () => newerForm(version, newer),
      }),
    ),
  )

export function useTakeVersion(id: number, version: number, window: Window, then: () => void) {
  const shown = useShown(id, window)
  return useWrite(
    (newer: Newer) =>
      answer(
        api.POST('/house-applications/{houseApplication}/versions', {
          params: { path: { houseApplication: id } },
          body: { version, file: '' },
          bodySerializer: () => newerForm(version, newer),
        }),
      ),
    {
      forgets: LISTS,
      onDone: (brought: Brought) => {
        shown(brought)
        then()
      },
    },
  )
}

export function useEarlierVersion(id: number, version: number, window: Window) {
  const onDone = useShown(id, window)
  return useWrite(
    () =>
      answer(
        api.DELETE('/house-applications/{houseApplication}/versions', { params: { path: { houseApplication: id } }, body: { version } }),
      ),
    { forgets: LISTS, onDone },
  )
}
