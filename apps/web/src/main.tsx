import { lazy, StrictMode, Suspense, useEffect } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter, Navigate, RouterProvider, useLocation } from 'react-router';
import './app.css';
import { beginOffline } from './offline/begin.ts';
import { Broken } from './page/Broken.tsx';
import { Frame } from './frame/Frame.tsx';
import { KeysProvider } from './page/keys.tsx';
import { Coming } from './page/Page.tsx';
import { firmUnitsTold, store, useTell } from './store/store.ts';
import { useSessionQuery } from './store/endpoints.ts';
import { WordsProvider } from './words/Words.tsx';

// Whoever is signed in never needs the door: its fields are fetched by those who stand before it.
const SignIn = lazy(() => import('./people/SignIn.tsx').then((m) => ({ default: m.SignIn })));
const Recover = lazy(() => import('./people/Recover.tsx'));
const Today = lazy(() => import('./today/Today.tsx'));
const Jobs = lazy(() => import('./jobs/Jobs.tsx'));
const JobPage = lazy(() => import('./jobs/JobPage.tsx'));
const Walk = lazy(() => import('./walkround/Walk.tsx'));
const Round = lazy(() => import('./walkround/Round.tsx'));
const TrialBoard = lazy(() => import('./trials/TrialBoard.tsx'));
const SurfacePage = lazy(() => import('./surface/SurfacePage.tsx'));
const Drying = lazy(() => import('./drying/Drying.tsx'));
const Aftercare = lazy(() => import('./aftercare/Aftercare.tsx'));
const AftercareCalendar = lazy(() => import('./aftercare/Calendar.tsx'));
const Rounds = lazy(() => import('./aftercare/Rounds.tsx'));
const WhatHeld = lazy(() => import('./aftercare/WhatHeld.tsx'));
const Letters = lazy(() => import('./aftercare/Letters.tsx'));
const Trials = lazy(() => import('./trials/Trials.tsx'));
const Shelf = lazy(() => import('./shelf/Shelf.tsx'));
const Practice = lazy(() => import('./practice/Practice.tsx'));
const FirmRules = lazy(() => import('./rules/FirmRules.tsx'));
const JobRules = lazy(() => import('./rules/JobRules.tsx'));
const SurfaceRules = lazy(() => import('./rules/SurfaceRules.tsx'));
const Schools = lazy(() => import('./surface/Schools.tsx'));
const ProductPage = lazy(() => import('./shelf/ProductPage.tsx'));
const ShelfFile = lazy(() => import('./shelf/ShelfFile.tsx'));
const ComingJobs = lazy(() => import('./shelf/ComingJobs.tsx'));
const ClientPreview = lazy(() => import('./price/ClientPreview.tsx'));
const PricePage = lazy(() => import('./price/PricePage.tsx'));
const ColoursPage = lazy(() => import('./colours/ColoursPage.tsx'));
const PartsPage = lazy(() => import('./colourParts/PartsPage.tsx'));
const JointsPage = lazy(() => import('./joints/JointsPage.tsx'));
const DamagePage = lazy(() => import('./damage/DamagePage.tsx'));
const CardsPage = lazy(() => import('./colours/CardsPage.tsx'));
const Shopping = lazy(() => import('./shopping/Shopping.tsx'));
const JobPaper = lazy(() => import('./papers/PaperPage.tsx').then((m) => ({ default: m.JobPaper })));
const SentPaper = lazy(() => import('./papers/PaperPage.tsx').then((m) => ({ default: m.SentPaper })));
const CalendarPage = lazy(() => import('./calendar/CalendarPage.tsx'));
const PeoplePage = lazy(() => import('./people/PeoplePage.tsx'));
const Account = lazy(() => import('./people/Account.tsx'));
const PostPage = lazy(() => import('./post/PostPage.tsx'));
const FirstRun = lazy(() => import('./founding/FirstRun.tsx'));
const Begin = lazy(() => import('./founding/Begin.tsx'));
const FirmPage = lazy(() => import('./firm/FirmPage.tsx'));
const Join = lazy(() => import('./people/Join.tsx'));
const Unsent = lazy(() => import('./offline/Unsent.tsx'));
const Reckoner = lazy(() => import('./reckon/Reckoner.tsx'));
const ClientPage = lazy(() => import('./client/ClientPage.tsx'));
const Ledger = lazy(() => import('./ledger/Ledger.tsx'));
const PunchPage = lazy(() => import('./punch/PunchPage.tsx'));

/** Signed in, the frame; signed out, the door. */
function Door() {
  const { data, error, isLoading, refetch } = useSessionQuery();
  const { pathname } = useLocation();
  const tell = useTell();
  const units = data?.firm.terms.units ?? 'metric';
  useEffect(() => {
    tell(firmUnitsTold(units));
  }, [tell, units]);
  if (isLoading) return <Coming />;
  if (error && (error as { status?: unknown }).status !== 401)
    return <Coming error={error} again={() => void refetch()} />;
  if (!data || error)
    return (
      <Suspense fallback={<Coming />}>
        <SignIn />
      </Suspense>
    );
  // Until the second lock that the firm asks for is closed, nothing else opens.
  if (data.person.needsSecond && pathname !== '/account') return <Navigate to="/account" replace />;
  return (
    <WordsProvider timeZone={data.firm.timeZone} terms={data.firm.terms}>
      <Frame session={data} />
    </WordsProvider>
  );
}

const router = createBrowserRouter([
  // Behind a private link there is no door: whoever has it may read.
  {
    path: '/client/:token',
    errorElement: <Broken />,
    element: (
      <Suspense fallback={<Coming />}>
        <ClientPage />
      </Suspense>
    ),
  },
  {
    path: '/join/:token',
    errorElement: <Broken />,
    element: (
      <Suspense fallback={<Coming />}>
        <Join />
      </Suspense>
    ),
  },
  {
    path: '/recover/:token',
    errorElement: <Broken />,
    element: (
      <Suspense fallback={<Coming />}>
        <Recover />
      </Suspense>
    ),
  },
  {
    path: '/first-run',
    errorElement: <Broken />,
    element: (
      <Suspense fallback={<Coming />}>
        <FirstRun />
      </Suspense>
    ),
  },
  {
    path: '/',
    element: <Door />,
    errorElement: <Broken />,
    children: [
      { index: true, element: <Navigate to="/today" replace /> },
      { path: 'today', element: <Today /> },
      { path: 'jobs', element: <Jobs /> },
      { path: 'jobs/:jobId', element: <JobPage /> },
      { path: 'jobs/:jobId/surfaces/:surfaceId', element: <SurfacePage /> },
      { path: 'jobs/:jobId/surfaces/:surfaceId/schools', element: <Schools /> },
      { path: 'jobs/:jobId/surfaces/:surfaceId/rules', element: <SurfaceRules /> },
      { path: 'jobs/:jobId/surfaces/:surfaceId/parts', element: <PartsPage /> },
      { path: 'jobs/:jobId/surfaces/:surfaceId/damage', element: <DamagePage /> },
      { path: 'jobs/:jobId/rooms/:roomId/joints', element: <JointsPage /> },
      { path: 'jobs/:jobId/rules', element: <JobRules /> },
      { path: 'jobs/:jobId/walk', element: <Walk /> },
      { path: 'jobs/:jobId/round', element: <Round /> },
      { path: 'jobs/:jobId/price', element: <PricePage /> },
      { path: 'jobs/:jobId/price/client', element: <ClientPreview /> },
      { path: 'jobs/:jobId/colours', element: <ColoursPage /> },
      { path: 'jobs/:jobId/shopping', element: <Shopping /> },
      { path: 'jobs/:jobId/papers/:kind', element: <JobPaper /> },
      { path: 'papers/:documentId', element: <SentPaper /> },
      { path: 'jobs/:jobId/punch', element: <PunchPage /> },
      { path: 'jobs/:jobId/ledger', element: <Ledger /> },
      { path: 'post', element: <PostPage /> },
      { path: 'drying', element: <Drying /> },
      { path: 'drying/:jobId', element: <Drying /> },
      { path: 'aftercare', element: <Aftercare /> },
      { path: 'aftercare/calendar', element: <AftercareCalendar /> },
      { path: 'aftercare/rounds', element: <Rounds /> },
      { path: 'aftercare/rounds/:roundId/letters', element: <Letters /> },
      { path: 'aftercare/held', element: <WhatHeld /> },
      { path: 'trials', element: <Trials /> },
      { path: 'trials/:trialId', element: <TrialBoard /> },
      { path: 'shelf', element: <Shelf /> },
      { path: 'shelf/colours', element: <CardsPage /> },
      { path: 'shelf/file', element: <ShelfFile /> },
      { path: 'shelf/coming', element: <ComingJobs /> },
      { path: 'shelf/products/:productId', element: <ProductPage /> },
      { path: 'shelf/reckon', element: <Reckoner /> },
      { path: 'calendar', element: <CalendarPage /> },
      { path: 'unsent', element: <Unsent /> },
      { path: 'begin', element: <Begin /> },
      { path: 'firm', element: <FirmPage /> },
      { path: 'people', element: <PeoplePage /> },
      { path: 'account', element: <Account /> },
      { path: 'practice', element: <Practice /> },
      { path: 'rules', element: <FirmRules /> },
      { path: '*', element: <Navigate to="/today" replace /> },
    ],
  },
]);

beginOffline(store);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Provider store={store}>
      <KeysProvider>
        <RouterProvider router={router} />
      </KeysProvider>
    </Provider>
  </StrictMode>,
);
