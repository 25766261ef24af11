import { useMemo } from 'react';
import { formatMinutes, formatSewn, minutesOf, needleOf, stepDrawings, STITCHES, type Plan, type Step } from '@arcus/core';
import { useUnits } from '../../../settings/units.tsx';
import { Sketch } from '../../../table/sketch.tsx';
import { InHandBar } from '../../in-hand-bar.tsx';
import { SectionsTable } from '../../sections-table.tsx';
import { BobbinCounter } from './bobbin-counter.tsx';
import { CutUses } from './cut-uses.tsx';
import { StepClock } from './step-clock.tsx';
import { Wait } from './wait.tsx';
import { WentWrong } from './went-wrong.tsx';

interface Props {
  step: Step;
  plan: Plan;
  colour: string;
  /** Which of how many, counted from 1. */
  place: { at: number; of: number };
  done: boolean;
  allDone: boolean;
  onBack?: () => void;
  onDone(): void;
  onList(): void;
}

const KINDS: Record<Step['kind'], string> = {
  prepare: 'Get ready',
  chalk: 'Chalk',
  cut: 'Cut',
  sew: 'Sew',
  press: 'Press',
  fit: 'Try on',
  wait: 'A wait',
};

/** The step in hand: what it looks like, how it is done, what to set. Reading it ticks nothing; the large button does. */
export function StepInHand({ step, plan, colour, place, done, allDone, onBack, onDone, onList }: Props) {
  const pictures = useMemo(() => stepDrawings(step, plan), [step, plan]);
  const minutes = step.waitHours ? `wait ${step.waitHours} h` : formatMinutes(minutesOf(step, plan.pace));
  return (
    <section className={`board step-in-hand${allDone ? ' all-done' : ''}`} aria-label="The step in hand">
      <div className="step-scroll" tabIndex={0} key={step.id}>
        <p className="board-kind">
          {place.at} of {place.of} · {KINDS[step.kind]} · {minutes}
        </p>
        <h2>{step.title}</h2>
        {step.bobbins && <BobbinCounter step={step} bobbins={step.bobbins} />}
        {pictures.length > 0 && (
          <div className={`step-pictures${pictures.length === 1 ? ' single' : ''}`}>
            {pictures.map((drawing, i) => (
              <Sketch key={i} drawing={drawing} colour={colour} />
            ))}
          </div>
        )}
        <div className="step-words stack">
          <ol className="step-how">
            {sentences(step.how).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ol>
          {step.caution && <p className="step-caution">{step.caution}</p>}
          {step.why && <p className="step-why">Why: {step.why}</p>}
          {step.waitHours ? <Wait step={step} hours={step.waitHours} /> : <StepClock of={step.id} planned={minutesOf(step, plan.pace)} />}
          {step.kind === 'cut' && <CutUses plan={plan} />}
          <Settings step={step} plan={plan} />
          {step.sections && <SectionsTable of={step.sections} units={plan.units} className="sections" />}
          <WentWrong step={step} plan={plan} />
        </div>
      </div>
      <InHandBar of="step" onBack={onBack} onList={onList} onDone={onDone} doneSays={done ? 'Next' : place.at === place.of ? 'Done' : 'Done, next'} />
    </section>
  );
}

/** One thing to do a line: a hand finds its place again. */
const sentences = (text: string) => text.split(/(?<=[.!?])\s+(?=[A-Z])/);

function Settings({ step, plan }: { step: Step; plan: Plan }) {
  const { units } = useUnits();
  const { stitch, stitchLength, stitchWidth, seam, foot } = step;
  const settings: Array<[string, string]> = [];
  if (stitch) settings.push(['Stitch', STITCHES[stitch].byHand ? STITCHES[stitch].name : `${STITCHES[stitch].name} (${stitch})`]);
  if (stitchLength) settings.push(['Stitch length', `${stitchLength} mm`]);
  if (stitchWidth) settings.push(['Stitch width', `${stitchWidth} mm`]);
  if (stitch) settings.push(['Needle', needleOf(stitch, plan.cloth)]);
  if (foot) settings.push(['Foot', foot]);
  if (seam) settings.push(['Sewn in all', formatSewn(seam.value, units)]);
  if (settings.length === 0) return null;
  return (
    <dl className="settings">
      {settings.map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
