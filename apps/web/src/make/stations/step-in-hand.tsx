import { Button } from 'antd';
import { ArrowLeft, Check, ListOrdered } from 'lucide-react';
import { useMemo } from 'react';
import {
  formatLength,
  formatMinutes,
  minutesOf,
  needleFor,
  sectionDrawing,
  stepPicture,
  STITCHES,
  type Drawing,
  type Plan,
  type Step,
} from '@arcus/core';
import { useUnits } from '../../settings/units.tsx';
import { Sketch } from '../../table/sketch.tsx';

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
  const pictures = usePictures(step, plan);
  const minutes = step.waitHours ? `wait ${step.waitHours} h` : formatMinutes(minutesOf(step, plan.pace));
  return (
    <section className={`board step-in-hand${allDone ? ' all-done' : ''}`} aria-label="The step in hand">
      <div className="step-scroll" tabIndex={0} key={step.id}>
        <p className="board-kind">
          {place.at} of {place.of} · {KINDS[step.kind]} · {minutes}
        </p>
        <h2>{step.title}</h2>
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
          <Settings step={step} plan={plan} />
          <Sections step={step} />
        </div>
      </div>
      <div className="step-bar no-print">
        <Button className="on-table" icon={<ArrowLeft size={20} />} disabled={!onBack} onClick={onBack} aria-label="The step before" />
        <Button className="on-table all-steps" icon={<ListOrdered size={20} />} onClick={onList} aria-label="All steps" />
        <Button className="done-next" icon={<Check size={20} />} onClick={onDone}>
          {done ? 'Next' : place.at === place.of ? 'Done' : 'Done, next'}
        </Button>
      </div>
    </section>
  );
}

/** One thing to do a line: a hand finds its place again. */
const sentences = (text: string) => text.split(/(?<=[.!?])\s+(?=[A-Z])/);

function usePictures(step: Step, plan: Plan): Drawing[] {
  const { units } = useUnits();
  return useMemo(() => {
    const choice = (id: string, otherwise: number) => Number(plan.choices.get(id) ?? otherwise);
    const section =
      step.section &&
      sectionDrawing(step.section, {
        seam: choice('seam', 15),
        hem: choice('hem', 20),
        elastic: plan.elastic.width,
        band: choice('bandWidth', 30),
        lined: plan.choices.get('lining') === true,
        show: (mm) => formatLength(mm, units),
      });
    return [stepPicture(plan, step), section].filter((drawing) => drawing !== undefined);
  }, [step, plan, units]);
}

function Settings({ step, plan }: { step: Step; plan: Plan }) {
  const { units } = useUnits();
  const { stitch, stitchLength, stitchWidth, seam, foot } = step;
  const settings: Array<[string, string]> = [];
  if (stitch) settings.push(['Stitch', `${STITCHES[stitch].name} (${stitch})`]);
  if (stitchLength) settings.push(['Stitch length', `${stitchLength} mm`]);
  if (stitchWidth) settings.push(['Stitch width', `${stitchWidth} mm`]);
  if (stitch) settings.push(['Needle', needleFor(plan.cloth)]);
  if (foot) settings.push(['Foot', foot]);
  if (seam) settings.push(['Sewn in all', formatLength(seam.value, units)]);
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

function Sections({ step: { sections } }: { step: Step }) {
  const { units } = useUnits();
  if (!sections) return null;
  return (
    <table className="sections">
      <caption className="visually-hidden">Marks that divide both edges into equal parts</caption>
      <thead>
        <tr>
          {sections.columns.map((column) => (
            <th key={column}>{column}</th>
          ))}
        </tr>
      </thead>
      <tbody>
        {sections.rows.map((row) => (
          <tr key={row.parts}>
            <td>{row.parts}</td>
            {row.marks.map((mm, i) => (
              <td key={i}>{formatLength(mm, units)}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
