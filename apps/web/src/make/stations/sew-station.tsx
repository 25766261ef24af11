import { formatLength, formatMinutes, minutesOf, needleFor, STITCHES, type Plan, type Step } from '@arcus/core';
import { TickList } from '../../common/tick-list.tsx';
import { useUnits } from '../../settings/units.tsx';
import { useMakeState } from '../make-context.ts';
import { ProblemPanel } from '../problem-panel.tsx';
import { useTicks } from '../use-ticks.ts';
import { useState } from 'react';

/** The operations in order, ticked off; the one in hand large on the table with its settings and why. */
export default function SewStation() {
  const { plan } = useMakeState();
  const { done, toggle } = useTicks('sew');
  const [pointed, setPointed] = useState<string>();
  if (!plan)
    return (
      <>
        <div className="decisions">
          <h2>Sew</h2>
        </div>
        <ProblemPanel />
      </>
    );
  const current = pointed ?? plan.steps.find(({ id }) => !done.has(id))?.id ?? plan.steps[plan.steps.length - 1]!.id;
  const step = plan.steps.find(({ id }) => id === current) ?? plan.steps[0]!;
  const { pace } = plan;
  const left = plan.steps.filter(({ id }) => !done.has(id)).reduce((sum, each) => sum + minutesOf(each, pace), 0);
  return (
    <>
      <div className="decisions">
        <header>
          <h2>Sew</h2>
          <p>{left > 0 ? `${formatMinutes(left)} of work left.` : 'All sewn.'}</p>
        </header>
        <TickList
          items={plan.steps.map((each) => ({
            id: each.id,
            title: each.title,
            hint: each.waitHours ? `wait ${each.waitHours} h` : formatMinutes(minutesOf(each, pace)),
          }))}
          done={done}
          current={current}
          onToggle={toggle}
          onCurrent={setPointed}
        />
      </div>
      <StepInHand step={step} plan={plan} />
    </>
  );
}

function StepInHand({ step, plan }: { step: Step; plan: Plan }) {
  const { units } = useUnits();
  const { stitch, stitchLength, stitchWidth, seam, foot } = step;
  const settings: Array<[string, string]> = [];
  if (stitch) settings.push(['Stitch', `${STITCHES[stitch].name} (${stitch})`]);
  if (stitchLength) settings.push(['Stitch length', `${stitchLength} mm`]);
  if (stitchWidth) settings.push(['Stitch width', `${stitchWidth} mm`]);
  if (stitch) settings.push(['Needle', needleFor(plan.cloth)]);
  if (foot) settings.push(['Foot', foot]);
  if (seam) settings.push(['Seam in all', formatLength(seam.value, units)]);
  return (
    <div className="board step-in-hand" style={{ overflow: 'auto' }} role="region" aria-label="The step in hand" tabIndex={0}>
      <div style={{ maxWidth: 680, padding: '34px 40px 80px' }} className="stack">
        <p className="board-kind">{step.kind === 'wait' ? 'A wait' : step.kind}</p>
        <h2 style={{ fontSize: 34 }}>{step.title}</h2>
        <p style={{ fontSize: 21, lineHeight: 1.45 }}>{step.how}</p>
        {step.why && <p style={{ fontSize: 17, color: '#c8d4de' }}>Why: {step.why}</p>}
        {settings.length > 0 && (
          <dl className="settings">
            {settings.map(([name, value]) => (
              <div key={name}>
                <dt>{name}</dt>
                <dd>{value}</dd>
              </div>
            ))}
          </dl>
        )}
        {step.sections && (
          <table className="sections">
            <thead>
              <tr>
                {step.sections.columns.map((column) => (
                  <th key={column}>{column}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              {step.sections.rows.map((row) => (
                <tr key={row.parts}>
                  <td>{row.parts}</td>
                  {row.marks.map((mm, i) => (
                    <td key={i}>{formatLength(mm, units)}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {step.caution && <p className="step-caution">{step.caution}</p>}
      </div>
    </div>
  );
}
