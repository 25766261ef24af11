import { BadInput, clothFigures, gravest, laidByHand, layPieces, planFor, Unmakeable, type Elastic } from '@arcus/core';
import type { ClothView, ElasticView, LaidPiece, MakeSummary } from '@arcus/contract';

export function elasticFigures({ width, kind, greatestStretch }: ElasticView): Elastic {
  return { width, kind, greatestStretch };
}

/**
 * The docket of a make in numbers, with the gravest check. Choices that can't be made are kept and said to be so: a half-finished
 * thought must not be lost. Throws BadInput on choices that are no choices at all.
 */
export function summarise(
  construction: string,
  body: Record<string, number>,
  choices: Record<string, number | string | boolean>,
  cloth?: ClothView,
  elastic?: ElasticView,
  lay?: LaidPiece[] | null,
): MakeSummary {
  try {
    const plan = planFor(
      { construction, body, choices, cloth: cloth && clothFigures(cloth), elastic: elastic && elasticFigures(elastic) },
      (asked, role) => (lay && role === 'main' && laidByHand(asked, lay)) || layPieces(asked),
    );
    const worst = gravest(plan.checks);
    return {
      figures: Object.fromEntries(plan.quantities.map((quantity) => [quantity.id!, quantity.value])),
      verdict: worst?.verdict ?? 'ok',
      says: worst?.says ?? '',
    };
  } catch (error) {
    if (error instanceof Unmakeable) return { figures: {}, verdict: 'unmakeable', says: error.message };
    // a measure not taken yet is a state of the work, not a mistake
    if (error instanceof BadInput && error.field.startsWith('body.')) return { figures: {}, verdict: 'unmakeable', says: error.message };
    throw error;
  }
}
