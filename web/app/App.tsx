import { QueryClientProvider } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { queryClient } from '../api/queryClient'
import { ChangeProvider } from '../keymap/ChangeProvider'
import { ListeningProvider } from '../listening/Listening'
import { AccountScreen } from '../screens/account/AccountScreen'
import { ForgottenScreen } from '../screens/account/ForgottenScreen'
import { NewPasswordScreen } from '../screens/account/NewPasswordScreen'
import { HouseScreen } from '../screens/house/HouseScreen'
import { SetUpScreen } from '../screens/house/SetUpScreen'
import { JournalView } from '../screens/journal/JournalView'
import { JoinScreen } from '../screens/person/JoinScreen'
import { People } from '../screens/person/People'
import { SuiteKeeping } from '../screens/suite/SuiteKeeping'
import { ApplicationScreen } from '../screens/application/ApplicationScreen'
import { BringApplicationScreen } from '../screens/description/BringApplicationScreen'
import { DescriptionScreen } from '../screens/description/DescriptionScreen'
import { ExportScreen } from '../screens/export/ExportScreen'
import { SecondScreen } from '../screens/second-screen/SecondScreen'
import { BringInScreen } from '../screens/key-file/BringInScreen'
import { KeyFileScreen } from '../screens/key-file/KeyFileScreen'
import { ClashScreen } from '../screens/clash/ClashScreen'
import { ChangesScreen } from '../screens/keymap/ChangesScreen'
import { FindScreen } from '../screens/find/FindScreen'
import { AcrossScreen } from '../screens/across/AcrossScreen'
import { CarryOver } from '../screens/across/CarryOver'
import { FalseFriends } from '../screens/across/FalseFriends'
import { Familiarity } from '../screens/across/Familiarity'
import { Stripes } from '../screens/across/Stripes'
import { Harmonise } from '../screens/harmonise/Harmonise'
import { Matches } from '../screens/intent/Matches'
import { HouseUsage } from '../screens/usage/HouseUsage'
import { Usage } from '../screens/usage/Usage'
import { CompareScreen } from '../screens/preset/CompareScreen'
import { NewsScreen } from '../screens/preset/NewsScreen'
import { PresetScreen } from '../screens/preset/PresetScreen'
import { CardsView } from '../screens/learn/CardsView'
import { DrillScreen } from '../screens/learn/DrillScreen'
import { LearnScreen } from '../screens/learn/LearnScreen'
import { PaperView } from '../screens/learn/PaperView'
import { PicturesView } from '../screens/learn/PicturesView'
import { SavingsView } from '../screens/learn/SavingsView'
import { TodayView } from '../screens/learn/TodayView'
import { RehearseScreen } from '../screens/rehearse/RehearseScreen'
import { RemapScreen } from '../screens/remap/RemapScreen'
import { BulkEditScreen } from '../screens/remap/BulkEditScreen'
import { SignInScreen } from '../screens/session/SignInScreen'
import { HandChangeScreen } from '../screens/suite/HandChangeScreen'
import { OfferScreen } from '../screens/suite/OfferScreen'
import { SuitePage } from '../screens/suite/SuitePage'
import { SuitesScreen } from '../screens/suite/SuitesScreen'
import { TravelScreen } from '../screens/travel/TravelScreen'
import { SeatContext, storedSeat, storeSeat, type ChosenSeat } from '../seat/seat'
import { CrashPage } from './CrashPage'
import { Frame } from './Frame'
import { SignedIn } from './SignedIn'
import { NowherePage } from './NowherePage'

const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInScreen />, errorElement: <CrashPage /> },
  { path: '/set-up', element: <SetUpScreen />, errorElement: <CrashPage /> },
  { path: '/join', element: <JoinScreen />, errorElement: <CrashPage /> },
  { path: '/forgotten', element: <ForgottenScreen />, errorElement: <CrashPage /> },
  { path: '/new-password', element: <NewPasswordScreen />, errorElement: <CrashPage /> },
  {
    path: '/second-screen',
    element: (
      <SignedIn>
        <SecondScreen />
      </SignedIn>
    ),
    errorElement: <CrashPage />,
  },
  {
    path: '/',
    element: (
      <ChangeProvider>
        <Frame />
      </ChangeProvider>
    ),
    errorElement: <CrashPage />,
    children: [
      { index: true, element: <Navigate to="/find" replace /> },
      { path: 'find', element: <FindScreen /> },
      { path: 'remap/:application?', element: <RemapScreen /> },
      { path: 'remap/:application/bulk-edit', element: <BulkEditScreen /> },
      { path: 'remap/:application/changes', element: <ChangesScreen /> },
      { path: 'clashes/:application?', element: <ClashScreen /> },
      {
        path: 'across',
        element: <AcrossScreen />,
        children: [
          { index: true, element: <Stripes /> },
          { path: 'false-friends', element: <FalseFriends /> },
          { path: 'carry-over', element: <CarryOver /> },
          { path: 'harmonise', element: <Harmonise /> },
          { path: 'familiarity', element: <Familiarity /> },
          { path: 'usage', element: <Navigate to="/learn/usage" replace /> },
          { path: 'intents', element: <Matches /> },
        ],
      },
      { path: 'export', element: <ExportScreen /> },
      { path: 'presets', element: <PresetScreen /> },
      { path: 'presets/:preset/news', element: <NewsScreen /> },
      { path: 'compare', element: <CompareScreen /> },
      { path: 'suites', element: <SuitesScreen /> },
      { path: 'suites/:suite', element: <SuitePage /> },
      { path: 'suites/:suite/files/:application', element: <HandChangeScreen /> },
      { path: 'sittings/:sitting/:application', element: <OfferScreen /> },
      {
        path: 'house',
        element: <HouseScreen />,
        children: [
          { index: true, element: <People /> },
          { path: 'suites', element: <SuiteKeeping /> },
          { path: 'journal', element: <JournalView /> },
          { path: 'usage', element: <HouseUsage /> },
        ],
      },
      { path: 'account', element: <AccountScreen /> },
      { path: 'travel', element: <TravelScreen /> },
      {
        path: 'learn',
        element: <LearnScreen />,
        children: [
          { index: true, element: <TodayView /> },
          { path: 'savings', element: <SavingsView /> },
          { path: 'cards', element: <CardsView /> },
          { path: 'pictures', element: <PicturesView /> },
          { path: 'paper', element: <PaperView /> },
          { path: 'usage', element: <Usage /> },
        ],
      },
      { path: 'learn/drills/:drill', element: <DrillScreen /> },
      { path: 'rehearse', element: <RehearseScreen /> },
      { path: 'house-applications/new', element: <BringApplicationScreen /> },
      { path: 'house-applications/:houseApplication', element: <DescriptionScreen /> },
      { path: 'applications/:application?', element: <ApplicationScreen /> },
      { path: 'applications/:application/bring-in', element: <BringInScreen /> },
      { path: 'applications/:application/key-files/:keyFile', element: <KeyFileScreen /> },
      { path: '*', element: <NowherePage /> },
    ],
  },
])

export function App() {
  const [chosen, setChosen] = useState<ChosenSeat>(storedSeat)
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
