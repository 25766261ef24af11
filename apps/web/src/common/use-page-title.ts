import { useEffect } from 'react';

/** What the browser's tab says. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Arcus`;
  }, [title]);
}
