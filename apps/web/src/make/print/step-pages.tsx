import { formatMinutes, formatSewn, minutesOf, needleOf, stepDrawings, STITCHES, type Plan, type Step } from '@arcus/core';
import { PaperDrawing } from './paper-drawing.tsx';
import { SectionsTable } from '../sections-table.tsx';

/** Every step in order, with its pictures, settings and section marks, and a box to tick. */
export function StepPages({ plan }: { plan: Plan; name: string }) {
  return (
    <section className="paper-section">
      <h2>Steps</h2>
      <ol className="paper-steps">
        {plan.steps.map((step) => (
          <li key={step.id}>
            <PaperStep step={step} plan={plan} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function PaperStep({ step, plan }: { step: Step; plan: Plan }) {
  const { stitch, stitchLength, stitchWidth, seam, foot, sections } = step;
  const settings = [
    stitch &&
      `${STITCHES[stitch].name} (${stitch})${stitchLength ? `, ${stitchLength} mm long` : ''}${stitchWidth ? `, ${stitchWidth} mm wide` : ''}`,
    stitch && needleOf(stitch, plan.cloth),
    foot,
    seam && `${formatSewn(seam.value, plan.units)} in all`,
  ].filter(Boolean);
  return (
    <>
      <h3>
        <span className="paper-box">☐</span> {step.title}
        <small> {step.waitHours ? `wait ${step.waitHours} h` : formatMinutes(minutesOf(step, plan.pace))}</small>
      </h3>
      <p>{step.how}</p>
      {step.caution && (
        <p>
          <b>Careful: {step.caution}</b>
        </p>
      )}
      {step.why && (
        <p>
          <i>Why: {step.why}</i>
        </p>
      )}
      {settings.length > 0 && <p>{settings.join(' · ')}</p>}
      <div className="paper-pictures">
        {stepDrawings(step, plan).map((drawing, i) => (
          <PaperDrawing key={i} drawing={drawing} width={86} height={52} />
        ))}
      </div>
      {sections && <SectionsTable of={sections} units={plan.units} className="table paper-table" />}
    </>
  );
}
