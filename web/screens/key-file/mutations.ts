import { useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answer, api, ProblemError, upload, type Schema } from '../../api/client'
import { useWrite } from '../../parts/useWrite'
import { useSeat } from '../../seat/seat'
import { keyFileQuery } from './queries'

/** Goes to the report of a key file that has just been read. */
function useShowReport() {
  const navigate = useNavigate()
  const client = useQueryClient()
  const query = useSeat()
  return (report: Schema['KeyFileReport']) => {
    client.setQueryData(keyFileQuery(report.id, query).queryKey, report)
    return navigate(`/applications/${report.application.id}/key-files/${report.id}`)
  }
}

/**
 * Bringing a key file in.
 *
 * @param mostBytes a larger file is not sent at all
 */
export function useBringIn(application: string, mostBytes: number) {
  const query = useSeat()
  const onDone = useShowReport()
  return useWrite(
    (file: File) => {
      if (file.size > mostBytes) return Promise.reject(tooLarge(file, mostBytes))
      return answer(api.POST('/applications/{application}/key-files', { params: { path: { application }, query }, ...upload(file) }))
    },
    { onDone },
  )
}

/** Freeing the chord of one line, in a copy of the file. */
export function useFreeLine(keyFile: number) {
  const query = useSeat()
  const onDone = useShowReport()
  return useWrite(
    (line: number) => answer(api.POST('/key-files/{keyFile}/free', { params: { path: { keyFile }, query }, body: { line } })),
    { onDone },
  )
}

function tooLarge(file: File, mostBytes: number): ProblemError {
  return new ProblemError({
    type: 'about:blank',
    title: 'Too large',
    status: 413,
    kind: 'too-large',
    where: null,
    fields: {},
    detail: `The file has ${(file.size / 1e6).toFixed(1)} MB; key files of up to ${mostBytes / 1e6} MB are read.`,
    remedy: 'Choose the key file of the application. Nothing was taken in.',
  })
}
