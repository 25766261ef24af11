import { Button } from 'antd';
import { formatCloth, takenOffBolt, type Plan } from '@arcus/core';
import { useUnits } from '../../../settings/units.tsx';
import { useStudy } from '../../../workers/use-study.ts';
import { useMakeState } from '../../make-context.ts';

/** Too little cloth: every way out with its numbers, one click to take; the least painful first. */
export function WaysOut({ plan, onHand }: { plan: Plan; onHand: number }) {
  const { request, change } = useMakeState();
  const { units } = useUnits();
  const short = takenOffBolt(plan) > onHand;
  const { data, failed } = useStudy(short ? JSON.stringify([request, onHand]) : undefined, (worker) => worker.waysOut(request, onHand));
  if (!short) return null;
  return (
    <section className="stack ways-out" style={{ gap: 8 }}>
      <h3>Ways to make do</h3>
      {failed && <p role="alert">{failed}</p>}
      {!data && !failed && <p className="quiet">Trying shorter, less full, other panels…</p>}
      {data?.length === 0 && <p>No single change gets it out of this cloth. Take another cloth, or change two things at once.</p>}
      {data?.map(({ says, choices, takes }) => (
        <div key={says} className="way-out">
          <span>
            {says}
            <br />
            <span className="quiet small">takes {formatCloth(takes, units)}</span>
          </span>
          <Button size="small" onClick={() => change((now) => ({ choices: { ...now.choices, ...choices } }), 'way-out')}>
            Take it
          </Button>
        </div>
      ))}
    </section>
  );
}
