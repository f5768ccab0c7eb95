import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { useCallback, useRef } from 'react'

interface Options<Output> {
  /** What is asked for again once the write is done, or was refused: then the page may show what is no longer so. */
  forgets?: readonly QueryKey[]
  onDone?: (output: Output) => unknown
}

export interface Write<Input, Output> {
  /** Sends it; while it is on its way a second call does nothing, so that a double click writes once. */
  send: (input: Input) => void
  isSending: boolean
  error: Error | null
  /** What the last one that was written gave. */
  made: Output | undefined
}

/** A write to the server. */
export function useWrite<Input = void, Output = unknown>(
  write: (input: Input) => Promise<Output>,
  { forgets = [], onDone }: Options<Output> = {},
): Write<Input, Output> {
  const client = useQueryClient()
  const isOnItsWay = useRef(false)
  const { mutate, isPending, error, data } = useMutation({
    mutationFn: write,
    ...(onDone === undefined ? {} : { onSuccess: (output: Output) => onDone(output) }),
    onSettled: async () => {
      isOnItsWay.current = false
      await Promise.all(forgets.map((queryKey) => client.invalidateQueries({ queryKey })))
    },
  })
  const send = useCallback(
    (input: Input) => {
      if (isOnItsWay.current) return
      isOnItsWay.current = true
      mutate(input)
    },
    [mutate],
  )
  return { send, isSending: isPending, error, made: data }
}
