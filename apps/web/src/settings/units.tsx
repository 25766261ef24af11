import { createContext, use, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import type { Units } from '@arcus/core';

const KEEP = 'arcus.units';

interface UnitsState {
  units: Units;
  setUnits(units: Units): void;
  toggle(): void;
}

const Context = createContext<UnitsState | undefined>(undefined);

/** The system this person thinks in. Stored values are millimetres, so switching loses nothing. */
export function UnitsProvider({ children }: { children: ReactNode }) {
  const [units, setUnits] = useState<Units>(() => (localStorage.getItem(KEEP) === 'in' ? 'in' : 'cm'));
  useEffect(() => localStorage.setItem(KEEP, units), [units]);
  const toggle = useCallback(() => setUnits((now) => (now === 'cm' ? 'in' : 'cm')), []);
  const state = useMemo(() => ({ units, setUnits, toggle }), [units, toggle]);
  return <Context value={state}>{children}</Context>;
}

export function useUnits(): UnitsState {
  const state = use(Context);
  if (!state) throw new Error('useUnits outside UnitsProvider');
  return state;
}

/** The switch at the top right. */
export function UnitsSwitch() {
  const { units, setUnits } = useUnits();
  return (
    <div className="units" role="group" aria-label="Units">
      {(['cm', 'in'] as const).map((each) => (
        <button key={each} type="button" aria-pressed={units === each} onClick={() => setUnits(each)}>
          {each}
        </button>
      ))}
    </div>
  );
}
