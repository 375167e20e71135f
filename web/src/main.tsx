import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import { StrictMode, useMemo, useState, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Refused, type Light } from './api/client';
import { tellWhenThePageGoes } from './api/waiting';
import { BeforeAfterPage } from './pages/BeforeAfterPage';
import { CaseFrame } from './pages/CaseFrame';
import { ChairPage } from './pages/ChairPage';
import { ClientPage } from './pages/ClientPage';
import { ClientsPage } from './pages/ClientsPage';
import { ConsultPage } from './pages/ConsultPage';
import { DecidePage } from './pages/DecidePage';
import { DesignPage } from './pages/DesignPage';
import { DayPage } from './pages/DayPage';
import { HistoryPage } from './pages/HistoryPage';
import { LookBackPage } from './pages/LookBackPage';
import { MixPage } from './pages/MixPage';
import { ModelPage } from './pages/ModelPage';
import { OrderPage } from './pages/OrderPage';
import { PlanPage } from './pages/PlanPage';
import { PromisePage } from './pages/PromisePage';
import { ReadPage } from './pages/ReadPage';
import { ShelfPage } from './pages/ShelfPage';
import { TestsPage } from './pages/TestsPage';
import { followClock, syncClock } from './state/clock';
import { LIGHTS, LightContext } from './state/light';
import { theme } from './theme';
import './styles/base.css';
import './styles/cases.css';
import './styles/read.css';
import './styles/day.css';
import './styles/consult.css';
import './styles/history.css';
import './styles/tests.css';
import './styles/plan.css';
import './styles/order.css';
import './styles/mix.css';
import './styles/chair.css';
import './styles/look-back.css';
import './styles/shelf.css';
import './styles/decide.css';
import './styles/design.css';
import './styles/model.css';
import './styles/small.css';

tellWhenThePageGoes();

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      // What was refused stays refused; only an answer that never came is asked for again.
      retry: (count, error) => count < 3 && !(error instanceof Refused && error.problem.status >= 400),
    },
  },
});

const router = createBrowserRouter([
  { path: '/', element: <DayPage /> },
  { path: '/clients', element: <ClientsPage /> },
  { path: '/clients/:id', element: <ClientPage /> },
  {
    path: '/cases/:id',
    element: <CaseFrame />,
    children: [
      { index: true, element: <Navigate to="read" replace /> },
      { path: 'consult', element: <ConsultPage /> },
      { path: 'history', element: <HistoryPage /> },
      { path: 'read', element: <ReadPage /> },
      { path: 'tests', element: <TestsPage /> },
      { path: 'design', element: <DesignPage /> },
      { path: 'decide', element: <DecidePage /> },
      { path: 'before-after', element: <BeforeAfterPage /> },
      { path: 'promise', element: <PromisePage /> },
      { path: 'plan', element: <PlanPage /> },
      { path: 'order', element: <OrderPage /> },
      { path: 'mix', element: <MixPage /> },
      { path: 'chair', element: <ChairPage /> },
      { path: 'look-back', element: <LookBackPage /> },
    ],
  },
  { path: '/shelf', element: <ShelfPage /> },
  { path: '/model', element: <ModelPage /> },
  { path: '*', element: <Navigate to="/" replace /> },
]);

const KEPT_LIGHT = 'mischung.light';

function WithLight({ children }: { children: ReactNode }): ReactNode {
  const [light, setLight] = useState<Light>(
    () => LIGHTS.find(({ value }) => value === localStorage.getItem(KEPT_LIGHT))?.value ?? 'daylight',
  );
  const value = useMemo(
    () => ({
      light,
      setLight: (next: Light): void => {
        localStorage.setItem(KEPT_LIGHT, next);
        setLight(next);
      },
    }),
    [light],
  );
  return <LightContext value={value}>{children}</LightContext>;
}

const root = document.getElementById('root');
/** Without its clock the program does not answer either; the pages say so themselves. */
async function show(into: HTMLElement): Promise<void> {
  await syncClock().catch(() => undefined);
  followClock();
  createRoot(into).render(
    <StrictMode>
      <ConfigProvider theme={theme} wave={{ disabled: true }}>
        <AntApp>
          <QueryClientProvider client={queries}>
            <WithLight>
              <RouterProvider router={router} />
            </WithLight>
          </QueryClientProvider>
        </AntApp>
      </ConfigProvider>
    </StrictMode>,
  );
}

if (root) {
  void show(root);
}
