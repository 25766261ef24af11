import { useEffect, useRef } from 'react';
import { useUnits } from '../settings/units.tsx';
import { stepSaid } from './differences.ts';
import { useMakeState } from './make-context.ts';
import { useSaid } from '../common/said.tsx';

/** As many changes of one step are said; the rest is counted. */
const MOST = 3;

/** Says what was undone or done again. */
export function useStepSaid(): void {
  const { stepped, plan, construction, people, cloths, elastics } = useMakeState();
  const { units } = useUnits();
  const message = useSaid();
  const said = useRef(stepped);
  useEffect(() => {
    if (!stepped || said.current === stepped) return;
    said.current = stepped;
    const changes = stepSaid(stepped.from, stepped.to, plan, { construction, people, cloths, elastics, units });
    const more = changes.length > MOST ? ` and ${changes.length - MOST} more` : '';
    const way = stepped.way === 'undo' ? 'Undone' : 'Done again';
    void message.open({ key: 'step', content: changes.length > 0 ? `${way}. ${changes.slice(0, MOST).join('; ')}${more}` : way, duration: 4 });
  }, [stepped, plan, construction, people, cloths, elastics, units, message]);
}
