import { queryOptions, useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { useSeat, type Seat } from '../../seat/seat'

export const keyFileQuery = (id: number, query: Seat) =>
  queryOptions({
    queryKey: ['key-file', id, query],
    queryFn: () => answer(api.GET('/key-files/{keyFile}', { params: { path: { keyFile: id }, query } })),
  })

export const useKeyFile = (id: number) => useQuery(keyFileQuery(id, useSeat()))
