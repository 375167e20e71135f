import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider, Spin } from 'antd';
import { StrictMode, useMemo, useState, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Refused, type Light } from './api/client';
import { tellWhenThePageGoes } from './api/waiting';
import { BrokenPage } from './pages/BrokenPage';
import { followClock, syncClock } from './state/clock';
import { isLight, LightContext } from './state/light';
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
import './styles/rail.css';
import './styles/when.css';
import './styles/small.css';

tellWhenThePageGoes();

// Messages stand beside the page, which may have gone by then.
ConfigProvider.config({
  holderRender: (children) => <ConfigProvider theme={theme}>{children}</ConfigProvider>,
});

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      // What was refused stays refused; only an answer that never came is asked for again.
      retry: (count, error) => count < 3 && !(error instanceof Refused && error.problem.status >= 400),
    },
  },
});

/** Each page is fetched when it is gone to, so that the first is there soon. */
const router = createBrowserRouter([
  {
    errorElement: <BrokenPage />,
    hydrateFallbackElement: <Spin className="wait" />,
    children: [
      { path: '/', lazy: async () => ({ Component: (await import('./pages/DayPage')).DayPage }) },
      {
        path: '/clients',
        lazy: async () => ({ Component: (await import('./pages/ClientsPage')).ClientsPage }),
      },
      {
        path: '/clients/:id',
        lazy: async () => ({ Component: (await import('./pages/ClientPage')).ClientPage }),
      },
      {
        path: '/cases/:id',
        lazy: async () => ({ Component: (await import('./pages/CaseFrame')).CaseFrame }),
        children: [
          { index: true, element: <Navigate to="read" replace /> },
          {
            path: 'consult',
            lazy: async () => ({ Component: (await import('./pages/ConsultPage')).ConsultPage }),
          },
          {
            path: 'history',
            lazy: async () => ({ Component: (await import('./pages/HistoryPage')).HistoryPage }),
          },
          { path: 'read', lazy: async () => ({ Component: (await import('./pages/ReadPage')).ReadPage }) },
          { path: 'tests', lazy: async () => ({ Component: (await import('./pages/TestsPage')).TestsPage }) },
          {
            path: 'design',
            lazy: async () => ({ Component: (await import('./pages/DesignPage')).DesignPage }),
          },
          {
            path: 'decide',
            lazy: async () => ({ Component: (await import('./pages/DecidePage')).DecidePage }),
          },
          {
            path: 'before-after',
            lazy: async () => ({ Component: (await import('./pages/BeforeAfterPage')).BeforeAfterPage }),
          },
          {
            path: 'promise',
            lazy: async () => ({ Component: (await import('./pages/PromisePage')).PromisePage }),
          },
          { path: 'plan', lazy: async () => ({ Component: (await import('./pages/PlanPage')).PlanPage }) },
          { path: 'order', lazy: async () => ({ Component: (await import('./pages/OrderPage')).OrderPage }) },
          { path: 'mix', lazy: async () => ({ Component: (await import('./pages/MixPage')).MixPage }) },
          { path: 'chair', lazy: async () => ({ Component: (await import('./pages/ChairPage')).ChairPage }) },
          {
            path: 'look-back',
            lazy: async () => ({ Component: (await import('./pages/LookBackPage')).LookBackPage }),
          },
        ],
      },
      { path: '/shelf', lazy: async () => ({ Component: (await import('./pages/ShelfPage')).ShelfPage }) },
      { path: '/model', lazy: async () => ({ Component: (await import('./pages/ModelPage')).ModelPage }) },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
]);

const KEPT_LIGHT = 'mischung.light';

function WithLight({ children }: { children: ReactNode }): ReactNode {
  const [light, setLight] = useState<Light>(() => {
    const kept = localStorage.getItem(KEPT_LIGHT);
    return isLight(kept) ? kept : 'daylight';
  });
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
        <QueryClientProvider client={queries}>
          <WithLight>
            <RouterProvider router={router} />
          </WithLight>
        </QueryClientProvider>
      </ConfigProvider>
    </StrictMode>,
  );
}

if (root) {
  void show(root);
}
