import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App as AntApp, ConfigProvider } from 'antd';
import { StrictMode, useMemo, useState, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Refused, type Light } from './api/client';
import { CaseFrame } from './pages/CaseFrame';
import { CasesPage } from './pages/CasesPage';
import { ModelPage } from './pages/ModelPage';
import { PlanPage } from './pages/PlanPage';
import { ReadPage } from './pages/ReadPage';
import { LIGHTS, LightContext } from './state/light';
import { theme } from './theme';
import './styles/base.css';
import './styles/cases.css';
import './styles/read.css';
import './styles/plan.css';
import './styles/model.css';
import './styles/small.css';

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
  { path: '/', element: <CasesPage /> },
  {
    path: '/cases/:id',
    element: <CaseFrame />,
    children: [
      { index: true, element: <Navigate to="read" replace /> },
      { path: 'read', element: <ReadPage /> },
      { path: 'plan', element: <PlanPage /> },
    ],
  },
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
if (root) {
  createRoot(root).render(
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
