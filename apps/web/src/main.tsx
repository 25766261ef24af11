import { ConfigProvider } from 'antd';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { SWRConfig } from 'swr';
import { read } from './api/client.ts';
import { SaidProvider } from './common/said.tsx';
import { startOutbox } from './outbox/use-outbox.ts';
import { router } from './routes.tsx';
import { loadAhead, openAhead } from './shell/load-ahead.ts';
import { useSignedOut } from './session/signed-out.ts';
import { UnitsProvider } from './settings/units.tsx';
import { theme } from './theme/tokens.ts';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import './styles/index.css';

const SignInPage = lazy(() => import('./session/sign-in-page.tsx'));

/** The pages, or the door where one has to knock first. What was entered stays either way. */
function Pages() {
  const signedOut = useSignedOut();
  return signedOut ? (
    <Suspense fallback={null}>
      <SignInPage />
    </Suspense>
  ) : (
    <RouterProvider router={router} />
  );
}

startOutbox();
openAhead(location.pathname);
loadAhead();
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <ConfigProvider theme={theme} wave={{ disabled: true }}>
      <SaidProvider>
        <SWRConfig value={{ fetcher: read, revalidateOnFocus: true, shouldRetryOnError: true, errorRetryInterval: 3000 }}>
          <UnitsProvider>
            <Pages />
          </UnitsProvider>
        </SWRConfig>
      </SaidProvider>
    </ConfigProvider>
  </StrictMode>,
);
