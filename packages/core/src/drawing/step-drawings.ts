import type { Step } from '../make/step.ts';
import type { Plan } from '../plan/plan.ts';
import { formatLength } from '../units/format.ts';
import type { Drawing } from './drawing.ts';
import { sectionDrawing } from './section.ts';
import { stepPicture } from './step-picture.ts';

type Drawn = Pick<Plan, 'choices' | 'elastic' | 'units' | 'pieces' | 'joins'>;

/** What a step looks like: its pieces with the edges that meet, and a section where cloth is folded. */
export const stepDrawings = (step: Step, plan: Drawn): Drawing[] =>
  [stepPicture(plan, step), sectionOf(step, plan)].filter((each) => each !== undefined);

/** The fold or seam of a step from its end, with the garment's own measures; none where it has none. */
export function sectionOf({ section, drawn = {} }: Step, { choices, elastic, units }: Drawn): Drawing | undefined {
  if (!section) return undefined;
  const choice = (id: string, otherwise: number) => Number(choices.get(id) ?? otherwise);
  return sectionDrawing(section, {
    seam: choice('seam', 15),
    hem: drawn.hem ?? choice('hem', 20),
    gatherBy: drawn.gatherBy ?? 'thread',
    elastic: elastic.width,
    band: choice('bandWidth', 30),
    lined: choices.get('lining') === true,
    show: (mm) => formatLength(mm, units),
  });
}
