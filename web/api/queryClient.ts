import { QueryClient } from '@tanstack/react-query'
import { ProblemError } from './client'

/** No answer at all, or one that says that the house is being brought back. */
const isAway = (error: unknown): boolean => error instanceof ProblemError && [0, 503].includes(error.problem.status)

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (times, error) => times < 2 && isAway(error),
      // What could not be asked while the server was away is asked again until it is back.
      refetchInterval: ({ state }) => (isAway(state.error) ? 2_000 : false),
    },
  },
})
