import { App as AntApp, ConfigProvider } from 'antd';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { SWRConfig } from 'swr';
import { read } from './api/client.ts';
import { router } from './routes.tsx';
import { UnitsProvider } from './settings/units.tsx';
import { theme } from './theme/tokens.ts';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import '@fontsource-variable/bricolage-grotesque/index.css';
import './theme/global.css';

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <ConfigProvider theme={theme} wave={{ disabled: true }}>
      <AntApp style={{ height: '100%' }}>
        <SWRConfig value={{ fetcher: read, revalidateOnFocus: true, shouldRetryOnError: true, errorRetryInterval: 3000 }}>
          <UnitsProvider>
            <RouterProvider router={router} />
          </UnitsProvider>
        </SWRConfig>
      </AntApp>
    </ConfigProvider>
  </StrictMode>,
);
