import { formatLength, sectionDrawing, stepPicture, type Drawing, type Plan, type Step } from '@arcus/core';

/** What a step looks like: its pieces with the edges that meet, and a section where cloth is folded. */
export function stepDrawings(step: Step, plan: Plan): Drawing[] {
  const choice = (id: string, otherwise: number) => Number(plan.choices.get(id) ?? otherwise);
  const section =
    step.section &&
    sectionDrawing(step.section, {
      seam: choice('seam', 15),
      hem: choice('hem', 20),
      elastic: plan.elastic.width,
      band: choice('bandWidth', 30),
      lined: plan.choices.get('lining') === true,
      show: (mm) => formatLength(mm, plan.units),
    });
  return [stepPicture(plan, step), section].filter((drawing) => drawing !== undefined);
}
