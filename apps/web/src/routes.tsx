import { createBrowserRouter, Link, useRouteError } from 'react-router';
import { SCREENS } from './screens.ts';
import { Shell } from './shell/shell.tsx';

const page = (load: () => Promise<{ default: React.ComponentType }>) => async () => ({ Component: (await load()).default });

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <p style={{ padding: 26 }}>Opening…</p>,
    children: [
      { index: true, lazy: page(SCREENS.today) },
      { path: 'welcome', lazy: page(SCREENS.welcome) },
      { path: 'makes', lazy: page(SCREENS.makes) },
      { path: 'makes/new', lazy: page(SCREENS.newMake) },
      { path: 'makes/compare', lazy: page(SCREENS.compare) },
      { path: 'makes/:id/:station?', lazy: page(SCREENS.make) },
      { path: 'people', lazy: page(SCREENS.people) },
      { path: 'people/:id', lazy: page(SCREENS.person) },
      { path: 'cupboard', lazy: page(SCREENS.cupboard) },
      { path: 'cupboard/:id/becomes', lazy: page(SCREENS.becomes) },
      { path: 'cupboard/:id/together', lazy: page(SCREENS.together) },
      { path: 'settings', lazy: page(SCREENS.settings) },
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
