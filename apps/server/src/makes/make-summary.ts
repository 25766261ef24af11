import { BadInput, gravest, planFor, Unmakeable, type Cloth, type Elastic } from '@arcus/core';
import type { ClothView, ElasticView, MakeSummary } from '@arcus/contract';

/** The figures of a cloth in the cupboard, as a plan takes them. */
export function clothFigures({
  width,
  selvedge,
  kind,
  weight,
  stretchAcross,
  stretchAlong,
  shrinkAcross,
  shrinkAlong,
  print,
  oneWay,
  sheer,
  frays,
  prewashed,
  lengthOnHand,
}: ClothView): Partial<Cloth> {
  return {
    width,
    selvedge,
    kind,
    weight,
    stretchAcross,
    stretchAlong,
    shrinkAcross,
    shrinkAlong,
    print,
    oneWay,
    sheer,
    frays,
    prewashed,
    lengthOnHand: lengthOnHand ?? undefined,
  };
}

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
): MakeSummary {
  try {
    const plan = planFor({ construction, body, choices, cloth: cloth && clothFigures(cloth), elastic: elastic && elasticFigures(elastic) });
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
