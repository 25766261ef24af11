import { createBrowserRouter, Link, useRouteError } from 'react-router';
import { Shell } from './shell/shell.tsx';

const page = (load: () => Promise<{ default: React.ComponentType }>) => async () => ({ Component: (await load()).default });

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <p style={{ padding: 26 }}>Opening…</p>,
    children: [
      { index: true, lazy: page(() => import('./today/today-page.tsx')) },
      { path: 'welcome', lazy: page(() => import('./welcome/welcome-page.tsx')) },
      { path: 'makes', lazy: page(() => import('./makes/makes-page.tsx')) },
      { path: 'makes/new', lazy: page(() => import('./makes/new-make-page.tsx')) },
      { path: 'makes/:id/:station?', lazy: page(() => import('./make/make-page.tsx')) },
      { path: 'people', lazy: page(() => import('./people/people-page.tsx')) },
      { path: 'people/:id', lazy: page(() => import('./people/person-page.tsx')) },
      { path: 'cupboard', lazy: page(() => import('./cupboard/cupboard-page.tsx')) },
      { path: 'cupboard/:id/becomes', lazy: page(() => import('./cupboard/becomes-page.tsx')) },
      { path: 'settings', lazy: page(() => import('./settings/settings-page.tsx')) },
      { path: '*', element: <Nowhere /> },
    ],
  },
]);

function Nowhere() {
  return (
    <div className="page-inner empty">
      <h1>There is nothing here</h1>
      <p>The address leads nowhere. Everything you made is still there.</p>
      <Link to="/">Back to Today</Link>
    </div>
  );
}

function Broken() {
  const error = useRouteError();
  return (
    <div className="page-inner empty" role="alert">
      <h1>This page broke</h1>
      <p>What you entered is saved up to the last change. Reload the page; if it breaks again, the line below helps whoever mends it.</p>
      <code>{error instanceof Error ? error.message : String(error)}</code>
      <a href="/">Reload</a>
    </div>
  );
}
