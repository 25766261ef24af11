import {
  clothAgainst,
  compareWidths,
  constructionById,
  foldWays,
  layTogether,
  planFor,
  waysOutOfTooLittle,
  whatItBecomes,
  type Body,
  type Cloth,
  type LayRequest,
  type PlanRequest,
  type Units,
} from '@arcus/core';
import { expose } from 'comlink';

/** Questions that take many plans, off the page's thread. Everything that goes in and comes out is plain data. */
const worker = {
  waysOut: (request: PlanRequest, onHand: number) => waysOutOfTooLittle(request, onHand),
  widths: (request: PlanRequest, widths?: number[]) => compareWidths(request, widths),
  curve: (request: PlanRequest, choiceId: string, value: number) =>
    clothAgainst(
      request,
      constructionById(request.construction)!.choices.find(({ id }) => id === choiceId)!,
      value,
    ),
  together: (requests: LayRequest[]) => requests.map(layTogether),
  folds: (request: PlanRequest) => foldWays(planFor(request)),
  becomes: (body: Body, cloth: Partial<Cloth>, onHand: number, units: Units) => {
    const { can, cannot } = whatItBecomes(body, cloth, onHand, units);
    // a plan carries functions and stays here; the page works it out again from its choices
    return { can: can.map(({ construction, name, choices, fuller, takes }) => ({ construction, name, choices, fuller, takes })), cannot };
  },
};
export type StudyWorker = typeof worker;

expose(worker);
