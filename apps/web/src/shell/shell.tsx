import { CalendarCheck, Layers, Ruler, Scissors, Users } from 'lucide-react';
import { Suspense } from 'react';
import { NavLink, Outlet } from 'react-router';
import { UnitsSwitch } from '../settings/units.tsx';
import { SaveBadge } from '../outbox/save-badge.tsx';
import { KeyboardHelp } from './keyboard-help.tsx';
import { WaitsOver } from './waits-over.tsx';
import { useShortcuts } from './use-shortcuts.ts';

const PLACES = [
  { to: '/', label: 'Today', icon: CalendarCheck },
  { to: '/makes', label: 'Makes', icon: Scissors },
  { to: '/people', label: 'People', icon: Users },
  { to: '/cupboard', label: 'Cupboard', icon: Layers },
  { to: '/settings', label: 'Settings', icon: Ruler },
];

/** The frame round every page. */
export function Shell() {
  useShortcuts();
  return (
    <div className="shell">
      <nav className="shell-nav" aria-label="Main">
        <NavLink to="/" className="shell-name">
          Arcus
        </NavLink>
        <ul>
          {PLACES.map(({ to, label, icon: Icon }) => (
            <li key={to}>
              <NavLink to={to} end={to === '/'}>
                <Icon size={22} strokeWidth={1.8} aria-hidden="true" />
                {label}
              </NavLink>
            </li>
          ))}
        </ul>
      </nav>
      <main className="shell-main">
        <Suspense
          fallback={
            <p className="quiet" style={{ padding: 26 }}>
              Opening…
            </p>
          }
        >
          <Outlet />
        </Suspense>
      </main>
      <WaitsOver />
      <KeyboardHelp />
    </div>
  );
}

/** The strip above a page that is no make. */
export function PageTop({ title, children }: { title: string; children?: React.ReactNode }) {
  return (
    <header className="top page-top">
      <div className="top-title">
        <h1>{title}</h1>
      </div>
      <div className="top-end">
        <SaveBadge />
        {children}
        <UnitsSwitch />
      </div>
    </header>
  );
}
