import { createContext, lazy, Suspense, use, useCallback, useMemo, useState, type ReactNode } from 'react';
import type { Quantity } from '@arcus/core';

const WorkingDrawer = lazy(() => import('./working-drawer.tsx'));

type Open = (quantity: Quantity, among: readonly Quantity[]) => void;
const Context = createContext<Open>(() => undefined);

/** Click any number anywhere: its working opens. */
export function WorkingProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<{ id: string; first: Quantity; among: readonly Quantity[] }>();
  const open = useCallback<Open>((quantity, among) => setShown({ id: quantity.id ?? '', first: quantity, among }), []);
  const close = useCallback(() => setShown(undefined), []);
  const value = useMemo(() => open, [open]);
  return (
    <Context value={value}>
      {children}
      {shown && (
        <Suspense>
          <WorkingDrawer key={shown.id} quantity={shown.first} among={shown.among} onClose={close} />
        </Suspense>
      )}
    </Context>
  );
}

export const useWorking = (): Open => use(Context);

/** A number that opens its working when clicked. */
export function NumberLink({ quantity, among, children }: { quantity: Quantity; among: readonly Quantity[]; children: ReactNode }) {
  const open = useWorking();
  return (
    <button
      type="button"
      className="plain-button"
      style={{ textDecoration: 'underline dotted', textUnderlineOffset: 3 }}
      onClick={() => open(quantity, among)}
    >
      {children}
    </button>
  );
}
