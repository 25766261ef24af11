import { formatCloth, formatQuantity, gravest, STEP, type Plan, type Quantity, type Units } from '@arcus/core';
import { useUnits } from '../settings/units.tsx';
import { useWorking } from '../working/working.tsx';

const LONG_CLOTH = new Set(['cloth-to-buy', 'cloth-length', 'hem-sweep', 'strip-total', 'thread-length']);
const SIDE_SAYS = { down: 'rounded down', up: 'rounded up', nearest: '' };
/** What hangs on how the pieces lie: it may still get less while they are being laid closer. */
const OF_THE_LAY = new Set(['cloth-to-buy', 'cloth-length', 'lining-to-buy', 'contrast-to-buy']);

/** A docket figure as it is read at arm's length. */
export function docketText(quantity: Quantity, units: Units): string {
  const { id, value, unit, safeSide } = quantity;
  if (unit === 'mm' && LONG_CLOTH.has(id ?? '') && value >= 1000) return formatCloth(value, units, id === 'hem-sweep' ? 'nearest' : 'up');
  return formatQuantity(value, unit, units, safeSide, units === 'in' && value < 10 * STEP.in ? 'in-fine' : units);
}

function Figure({ text }: { text: string }) {
  const parts = text.match(/^(.*\d) (cm|in|m|yd)$/);
  return (
    <strong>
      {parts ? parts[1] : text}
      {parts && <small> {parts[2]}</small>}
    </strong>
  );
}

/** The four to six numbers that matter, on a strip of tape, and one verdict. */
export function Docket({ plan, laying, onVerdict }: { plan: Plan; laying: boolean; onVerdict(): void }) {
  const { units } = useUnits();
  const open = useWorking();
  const figures = plan.construction.docket.map((id) => plan.quantities.find((each) => each.id === id)).filter((each) => each !== undefined);
  return (
    <footer className="docket" aria-label="Docket">
      {figures.map((quantity) => (
        <button
          key={quantity.id}
          type="button"
          className="docket-figure"
          data-quantity={quantity.id}
          onClick={() => open(quantity, plan.quantities)}
          title="Show how this was worked out"
        >
          <span>
            {quantity.label}
            {laying && OF_THE_LAY.has(quantity.id!) ? ', at most' : ''}
          </span>
          <Figure text={docketText(quantity, units)} />
          <span>{note(quantity, plan, units)}</span>
        </button>
      ))}
      <VerdictBox plan={plan} onClick={onVerdict} />
    </footer>
  );
}

function note(quantity: Quantity, plan: Plan, units: Units): string {
  if (quantity.id === 'cloth-to-buy') return `of ${formatQuantity(plan.cloth.width, 'mm', units)} wide`;
  if (quantity.id === 'sewing-minutes') {
    const hours = plan.steps.reduce((sum, step) => sum + (step.waitHours ?? 0), 0);
    return hours > 0 ? `and ${hours} h of waiting` : 'no waiting';
  }
  return quantity.unit === 'mm' ? SIDE_SAYS[quantity.safeSide] : '';
}

const HEADLINE = { ok: 'Ready to cut.', tight: 'It will be tight.', caution: 'Ready, with care.', stop: 'Stop.' };

function VerdictBox({ plan, onClick }: { plan: Plan; onClick(): void }) {
  const worst = gravest(plan.checks);
  const verdict = worst?.verdict ?? 'ok';
  // advice that always applies (let the hem hang) must not drown what is special about this plan
  const special = plan.checks.find((check) => check.verdict === verdict && check.id !== 'hang-before-hem') ?? worst;
  const lead = verdict === 'ok' ? plan.checks.find((check) => check.id === 'passes-over-hip') : special;
  return (
    <button type="button" className={`docket-verdict ${verdict}`} onClick={onClick} data-testid="verdict">
      <b>{HEADLINE[verdict]}</b>
      {firstSentence(lead?.says ?? '')}
    </button>
  );
}

const firstSentence = (text: string) => /^.*?[.:](?=\s|$)/.exec(text)?.[0].replace(/:$/, '.') ?? text;
