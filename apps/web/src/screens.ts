/** Every screen, fetched when it is first wanted (and ahead of that once the first one is drawn). */
export const SCREENS = {
  today: () => import('./today/today-page.tsx'),
  welcome: () => import('./welcome/welcome-page.tsx'),
  makes: () => import('./makes/makes-page.tsx'),
  compare: () => import('./makes/compare-page.tsx'),
  newMake: () => import('./makes/new-make-page.tsx'),
  make: () => import('./make/make-page.tsx'),
  people: () => import('./people/people-page.tsx'),
  person: () => import('./people/person-page.tsx'),
  cupboard: () => import('./cupboard/cupboard-page.tsx'),
  becomes: () => import('./cupboard/becomes-page.tsx'),
  together: () => import('./cupboard/together-page.tsx'),
  settings: () => import('./settings/settings-page.tsx'),
} satisfies Record<string, () => Promise<{ default: React.ComponentType }>>;
