import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider, Spin } from 'antd';
import { StrictMode, useMemo, useState, type ComponentType, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, matchRoutes, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { Refused, type Light } from './api/client';
import { WhoGate } from './parts/WhoGate';
import { vocabularyQuery } from './api/queries';
import { tellWhenThePageGoes } from './api/waiting';
import { BrokenPage } from './pages/BrokenPage';
import { followClock, syncClock } from './state/clock';
import { hereQuery } from './state/here';
import { isLight, LightContext } from './state/light';
import { theme } from './theme';
import { beginToSpeak } from './words/language';
import { learn, spoken, type Room } from './words/say';
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
import './styles/salon.css';
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

/** What brings a page's script, by what brings the page. */
const files = new Map<unknown, () => Promise<unknown>>();

/** Each page is fetched when it is gone to, with what it says, so that the first is there soon. */
function page<P extends string>(
  room: Room | Room[],
  file: () => Promise<Record<P, ComponentType>>,
  name: P,
): () => Promise<{ Component: ComponentType }> {
  const lazy = async (): Promise<{ Component: ComponentType }> => {
    const [found] = await Promise.all([file(), learn(...[room].flat())]);
    return { Component: found[name] };
  };
  files.set(lazy, file);
  return lazy;
}

const ROUTES: RouteObject[] = [
  {
    errorElement: <BrokenPage />,
    hydrateFallbackElement: <Spin className="wait" />,
    children: [
      { path: '/', lazy: page('day', () => import('./pages/DayPage'), 'DayPage') },
      { path: '/clients', lazy: page('clients', () => import('./pages/ClientsPage'), 'ClientsPage') },
      { path: '/clients/:id', lazy: page('client', () => import('./pages/ClientPage'), 'ClientPage') },
      {
        path: '/cases/:id',
        lazy: page('visit', () => import('./pages/CaseFrame'), 'CaseFrame'),
        children: [
          { index: true, element: <Navigate to="read" replace /> },
          { path: 'consult', lazy: page('consult', () => import('./pages/ConsultPage'), 'ConsultPage') },
          { path: 'history', lazy: page('history', () => import('./pages/HistoryPage'), 'HistoryPage') },
          { path: 'read', lazy: page('read', () => import('./pages/ReadPage'), 'ReadPage') },
          { path: 'tests', lazy: page('tests', () => import('./pages/TestsPage'), 'TestsPage') },
          { path: 'design', lazy: page('design', () => import('./pages/DesignPage'), 'DesignPage') },
          {
            path: 'decide',
            lazy: page(['decide', 'plan'], () => import('./pages/DecidePage'), 'DecidePage'),
          },
          {
            path: 'before-after',
            lazy: page('beforeAfter', () => import('./pages/BeforeAfterPage'), 'BeforeAfterPage'),
          },
          { path: 'promise', lazy: page('promise', () => import('./pages/PromisePage'), 'PromisePage') },
          { path: 'order', lazy: page('order', () => import('./pages/OrderPage'), 'OrderPage') },
          { path: 'mix', lazy: page('mix', () => import('./pages/MixPage'), 'MixPage') },
          { path: 'chair', lazy: page('chair', () => import('./pages/ChairPage'), 'ChairPage') },
          {
            path: 'look-back',
            lazy: page('lookBack', () => import('./pages/LookBackPage'), 'LookBackPage'),
          },
        ],
      },
      { path: '/shelf', lazy: page('shelf', () => import('./pages/ShelfPage'), 'ShelfPage') },
      { path: '/salon', lazy: page('salon', () => import('./pages/SalonPage'), 'SalonPage') },
      { path: '/model', lazy: page('model', () => import('./pages/ModelPage'), 'ModelPage') },
      { path: '*', element: <Navigate to="/" replace /> },
    ],
  },
];

/** What the first page needs beside what it says comes while it is asked what is spoken. */
function fetchAhead(): void {
  for (const { route } of matchRoutes(ROUTES, location.pathname) ?? []) {
    void files.get(route.lazy)?.();
  }
  queries.query(hereQuery).catch(() => undefined);
  queries.query(vocabularyQuery).catch(() => undefined);
}

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
  fetchAhead();
  const [language] = await Promise.all([beginToSpeak(), syncClock().catch(() => undefined)]);
  const kit = language === 'de' ? (await import('antd/locale/de_DE')).default : undefined;
  followClock();
  // It fetches the first page at once, so it is made once it is known what is spoken.
  const router = createBrowserRouter(ROUTES);
  createRoot(into).render(
    <StrictMode>
      <ConfigProvider theme={theme} wave={{ disabled: true }} {...(kit && { locale: kit })}>
        <QueryClientProvider client={queries}>
          <WithLight>
            <WhoGate>
              <RouterProvider router={router} />
            </WhoGate>
          </WithLight>
        </QueryClientProvider>
      </ConfigProvider>
    </StrictMode>,
  );
}

/** Where the salon's computer does not answer, a page of our own says so, in the language that was spoken. */
function keepOfflinePage(): void {
  if ('serviceWorker' in navigator) {
    void navigator.serviceWorker.register(`/sw.js?language=${spoken()}`).catch(() => undefined);
  }
}

if (root) {
  void show(root).then(keepOfflinePage);
}
