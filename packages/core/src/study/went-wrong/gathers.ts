import { leftoversOf } from './cut-again.ts';
import type { Fault } from './fault.ts';
import { againSays, chosen, sews, show } from './reading.ts';

/** Below this a strip reads as eased, not gathered (handbook 5). */
const READS_GATHERED = 1.3;

/** Handbook 14: a ruffle ran short. */
export const gathersShort: Fault = {
  id: 'gathers-short',
  label: 'The gathered strip is too short for the edge',
  asks: { label: 'Of the edge there stays bare', usual: () => 100, max: 3000 },
  at: (step, plan) => sews(step, plan, 'gather').length > 0,
  remedies: (plan, amount, step) => {
    const [join] = sews(step, plan, 'gather');
    const long = join!.length.value;
    if (amount >= long) return [];
    const planned = join!.ratio ?? 1;
    const spread = (planned * (long - amount)) / long;
    const choice = join!.id.startsWith('ruffle') && plan.choices.has('ruffleFullness') ? 'ruffleFullness' : undefined;
    const seam = chosen(plan, 'seam') ?? 0;
    const strip = planned * amount + 2 * seam;
    const piece = plan.pieces.find(({ id }) => join!.layers.some((layer) => layer.some((span) => span.piece === id)) && id !== join!.onto);
    const height = piece ? Math.max(...piece.cut.map(({ to }) => to[1])) - Math.min(...piece.cut.map(({ to }) => to[1])) : 0;
    const left = leftoversOf(plan).find(({ width, height: high }) => width >= height && high >= strip);
    return [
      {
        says: `Let the gathers out again and spread them over the whole ${show(plan, long)}: ${spread.toFixed(2)} times the edge instead of ${planned.toFixed(2)}. ${spread >= READS_GATHERED ? 'It still reads as gathers.' : `Below ${READS_GATHERED} it reads as eased rather than gathered.`}`,
        cost: `${againSays(plan, long)} if it is sewn already.`,
        ...(choice ? { change: { [choice]: spread } } : {}),
      },
      {
        says: `Let a piece in: ${show(plan, strip)} long with its seams${height > 0 ? `, ${show(plan, height)} high` : ''}, then gather as planned.${left ? ` The leftover of ${show(plan, left.width)} by ${show(plan, left.height)} gives it.` : ''}`,
        cost: 'Two more seams in the strip.',
      },
    ];
  },
};

/** Handbook 14: gathers bunch on one side. */
export const gathersBunch: Fault = {
  id: 'gathers-bunch',
  label: 'The gathers bunch on one side',
  at: (step, plan) => sews(step, plan, 'gather', 'casing', 'elastic').length > 0 || step.id.startsWith('gather'),
  remedies: (plan, _, step) => {
    const [join] = sews(step, plan, 'gather', 'elastic');
    const parts = 2 * (step.sections?.rows[step.sections.rows.length - 1]?.parts ?? 8);
    const marks = join
      ? ` On the edge that is ${show(plan, join.length.value / parts)} from mark to mark, on the gathered one ${show(plan, ((join.ratio ?? 1) * join.length.value) / parts)}.`
      : '';
    return [
      {
        says: `Divide both edges into ${parts} equal parts instead of ${parts / 2} and pin mark to mark; then spread the gathers from pin to pin with a needle.${marks} Sew with the gathers on top, slowly.`,
        cost: join ? againSays(plan, join.length.value) : 'A few minutes of pushing and pinning.',
      },
    ];
  },
};
