import { QueryClient } from '@tanstack/react-query'
import { ProblemError } from './client'

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: (times, error) => times < 2 && error instanceof ProblemError && error.problem.status === 0,
    },
  },
})
