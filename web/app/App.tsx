import { QueryClientProvider } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { queries } from '../api/queries'
import { ChangeProvider } from '../changes/ChangeProvider'
import { ListeningProvider } from '../listening/Listening'
import { ApplicationsPlace } from '../places/applications/ApplicationsPlace'
import { BringInPlace } from '../places/applications/BringInPlace'
import { KeyFilePlace } from '../places/applications/KeyFilePlace'
import { ClashesPlace } from '../places/clashes/ClashesPlace'
import { DraftPlace } from '../places/draft/DraftPlace'
import { FindPlace } from '../places/find/FindPlace'
import { MatchPlace } from '../places/match/MatchPlace'
import { PresetsPlace } from '../places/presets/PresetsPlace'
import { RehearsePlace } from '../places/rehearse/RehearsePlace'
import { RemapPlace } from '../places/remap/RemapPlace'
import { SeveralPlace } from '../places/several/SeveralPlace'
import { SignInPlace } from '../places/sign-in/SignInPlace'
import { SuitesPlace } from '../places/suites/SuitesPlace'
import { TravelPlace } from '../places/travel/TravelPlace'
import { SeatContext, storedSeat, storeSeat, type ChosenSeat } from '../seat/seat'
import { CrashPage } from './CrashPage'
import { Frame } from './Frame'
import { NowherePage } from './NowherePage'

const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInPlace />, errorElement: <CrashPage /> },
  {
    path: '/',
    element: <Frame />,
    errorElement: <CrashPage />,
    children: [
      { index: true, element: <Navigate to="/find" replace /> },
      { path: 'find', element: <FindPlace /> },
      { path: 'remap/:application?', element: <RemapPlace /> },
      { path: 'clashes/:application?', element: <ClashesPlace /> },
      { path: 'changes/:application', element: <DraftPlace /> },
      { path: 'several/:application', element: <SeveralPlace /> },
      { path: 'match', element: <MatchPlace /> },
      { path: 'presets', element: <PresetsPlace /> },
      { path: 'suites', element: <SuitesPlace /> },
      { path: 'suites/travel', element: <TravelPlace /> },
      { path: 'rehearse', element: <RehearsePlace /> },
      { path: 'applications/:application?', element: <ApplicationsPlace /> },
      { path: 'applications/:application/bring-in', element: <BringInPlace /> },
      { path: 'applications/:application/key-files/:keyFile', element: <KeyFilePlace /> },
      { path: '*', element: <NowherePage /> },
    ],
  },
])

export function App() {
  const [chosen, setChosen] = useState<ChosenSeat>(storedSeat)
  const seat = useMemo(() => ({ ...chosen, choose: (next: ChosenSeat) => { storeSeat(next); setChosen(next) } }), [chosen])
  return (
    <QueryClientProvider client={queries}>
      <SeatContext value={seat}>
          <ListeningProvider>
            <ChangeProvider>
              <RouterProvider router={router} />
            </ChangeProvider>
          </ListeningProvider>
      </SeatContext>
    </QueryClientProvider>
  )
}
