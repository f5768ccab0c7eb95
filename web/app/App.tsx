import { QueryClientProvider } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { createBrowserRouter, Navigate, Outlet, RouterProvider } from 'react-router'
import { queryClient } from '../api/queryClient'
import { ChangeProvider } from '../keymap/ChangeProvider'
import { ListeningProvider } from '../listening/Listening'
import { FindScreen } from '../screens/find/FindScreen'
import { SignInScreen } from '../screens/session/SignInScreen'
import { SeatContext, storedSeat, storeSeat, type ChosenSeat } from '../seat/seat'
import { CrashPage } from './CrashPage'
import { Frame } from './Frame'
import { fetchLater, later } from '../parts/later'
import { SignedIn } from './SignedIn'
import { NowherePage } from './NowherePage'

const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInScreen />, errorElement: <CrashPage /> },
  { path: '/set-up', ...later(() => import('../screens/house/SetUpScreen'), 'SetUpScreen'), errorElement: <CrashPage /> },
  { path: '/join', ...later(() => import('../screens/person/JoinScreen'), 'JoinScreen'), errorElement: <CrashPage /> },
  { path: '/forgotten', ...later(() => import('../screens/account/ForgottenScreen'), 'ForgottenScreen'), errorElement: <CrashPage /> },
  {
    path: '/new-password',
    ...later(() => import('../screens/account/NewPasswordScreen'), 'NewPasswordScreen'),
    errorElement: <CrashPage />,
  },
  {
    path: '/second-screen',
    element: (
      <SignedIn>
        <Outlet />
      </SignedIn>
    ),
    errorElement: <CrashPage />,
    children: [{ index: true, ...later(() => import('../screens/second-screen/SecondScreen'), 'SecondScreen') }],
  },
  {
    path: '/',
    element: (
      <ChangeProvider>
        <Frame />
      </ChangeProvider>
    ),
    errorElement: <CrashPage />,
    hydrateFallbackElement: <OneMoment />,
    children: [
      { index: true, element: <Navigate to="/find" replace /> },
      { path: 'find', element: <FindScreen /> },
      { path: 'remap/:application?', ...later(() => import('../screens/remap/RemapScreen'), 'RemapScreen') },
      { path: 'remap/:application/bulk-edit', ...later(() => import('../screens/remap/BulkEditScreen'), 'BulkEditScreen') },
      { path: 'remap/:application/changes', ...later(() => import('../screens/keymap/ChangesScreen'), 'ChangesScreen') },
      { path: 'clashes/:application?', ...later(() => import('../screens/clash/ClashScreen'), 'ClashScreen') },
      {
        path: 'across',
        ...later(() => import('../screens/across/AcrossScreen'), 'AcrossScreen'),
        children: [
          { index: true, ...later(() => import('../screens/across/Stripes'), 'Stripes') },
          { path: 'false-friends', ...later(() => import('../screens/across/FalseFriends'), 'FalseFriends') },
          { path: 'carry-over', ...later(() => import('../screens/across/CarryOver'), 'CarryOver') },
          { path: 'harmonise', ...later(() => import('../screens/harmonise/Harmonise'), 'Harmonise') },
          { path: 'familiarity', ...later(() => import('../screens/across/Familiarity'), 'Familiarity') },
          { path: 'usage', element: <Navigate to="/learn/usage" replace /> },
          { path: 'intents', ...later(() => import('../screens/intent/Matches'), 'Matches') },
        ],
      },
      { path: 'export', ...later(() => import('../screens/export/ExportScreen'), 'ExportScreen') },
      { path: 'presets', ...later(() => import('../screens/preset/PresetScreen'), 'PresetScreen') },
      { path: 'presets/:preset/news', ...later(() => import('../screens/preset/NewsScreen'), 'NewsScreen') },
      { path: 'compare', ...later(() => import('../screens/preset/CompareScreen'), 'CompareScreen') },
      { path: 'suites', ...later(() => import('../screens/suite/SuitesScreen'), 'SuitesScreen') },
      { path: 'suites/:suite', ...later(() => import('../screens/suite/SuitePage'), 'SuitePage') },
      { path: 'suites/:suite/files/:application', ...later(() => import('../screens/suite/HandChangeScreen'), 'HandChangeScreen') },
      { path: 'sittings/:sitting/:application', ...later(() => import('../screens/suite/OfferScreen'), 'OfferScreen') },
      {
        path: 'house',
        ...later(() => import('../screens/house/HouseScreen'), 'HouseScreen'),
        children: [
          { index: true, ...later(() => import('../screens/person/People'), 'People') },
          { path: 'suites', ...later(() => import('../screens/suite/SuiteKeeping'), 'SuiteKeeping') },
          { path: 'journal', ...later(() => import('../screens/journal/JournalView'), 'JournalView') },
          { path: 'usage', ...later(() => import('../screens/usage/HouseUsage'), 'HouseUsage') },
        ],
      },
      { path: 'account', ...later(() => import('../screens/account/AccountScreen'), 'AccountScreen') },
      { path: 'travel', ...later(() => import('../screens/travel/TravelScreen'), 'TravelScreen') },
      {
        path: 'learn',
        ...later(() => import('../screens/learn/LearnScreen'), 'LearnScreen'),
        children: [
          { index: true, ...later(() => import('../screens/learn/TodayView'), 'TodayView') },
          { path: 'savings', ...later(() => import('../screens/learn/SavingsView'), 'SavingsView') },
          { path: 'cards', ...later(() => import('../screens/learn/CardsView'), 'CardsView') },
          { path: 'pictures', ...later(() => import('../screens/learn/PicturesView'), 'PicturesView') },
          { path: 'paper', ...later(() => import('../screens/learn/PaperView'), 'PaperView') },
          { path: 'usage', ...later(() => import('../screens/usage/Usage'), 'Usage') },
        ],
      },
      { path: 'learn/drills/:drill', ...later(() => import('../screens/learn/DrillScreen'), 'DrillScreen') },
      { path: 'rehearse', ...later(() => import('../screens/rehearse/RehearseScreen'), 'RehearseScreen') },
      { path: 'house-applications/new', ...later(() => import('../screens/description/BringApplicationScreen'), 'BringApplicationScreen') },
      {
        path: 'house-applications/:houseApplication',
        ...later(() => import('../screens/description/DescriptionScreen'), 'DescriptionScreen'),
      },
      { path: 'applications/:application?', ...later(() => import('../screens/application/ApplicationScreen'), 'ApplicationScreen') },
      { path: 'applications/:application/bring-in', ...later(() => import('../screens/key-file/BringInScreen'), 'BringInScreen') },
      {
        path: 'applications/:application/key-files/:keyFile',
        ...later(() => import('../screens/key-file/KeyFileScreen'), 'KeyFileScreen'),
      },
      { path: '*', element: <NowherePage /> },
    ],
  },
])

function OneMoment() {
  return (
    <p className="waiting" role="status">
      One moment …
    </p>
  )
}

export function App() {
  const [chosen, setChosen] = useState<ChosenSeat>(storedSeat)
  useEffect(fetchLater, [])
  const seat = useMemo(
    () => ({
      ...chosen,
      choose: (next: ChosenSeat) => {
        storeSeat(next)
        setChosen(next)
      },
    }),
    [chosen],
  )
  return (
    <QueryClientProvider client={queryClient}>
      <SeatContext value={seat}>
        <ListeningProvider>
          <RouterProvider router={router} />
        </ListeningProvider>
      </SeatContext>
    </QueryClientProvider>
  )
}
