import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'

/**
 * Shows something at an address, as the page would.
 *
 * @param others what is shown at other addresses
 * @param path of the address, where parts of it have names
 */
export function renderAt(
  address: string,
  element: ReactNode,
  others: Record<string, ReactNode> = {},
  path: string = address.replace(/\?.*/, ''),
) {
  const router = createMemoryRouter([{ path, element }, ...Object.entries(others).map(([to, shown]) => ({ path: to, element: shown }))], {
    initialEntries: [address],
  })
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const shown = render(
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  )
  return { ...shown, router, client, address: () => router.state.location.pathname + router.state.location.search }
}
