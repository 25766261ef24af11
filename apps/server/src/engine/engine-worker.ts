import {
  BadInput,
  draftFor,
  FormulaError,
  gravest,
  laidByHand,
  layKey,
  layPieces,
  previewOf,
  QUICK_SECONDS,
  quickLayer,
  Unmakeable,
  withLay,
  type Lay,
  type Layer,
} from '@arcus/core';
import { askedLay } from '../lays/asked-lay.ts';
import type { Answer, AskedLay, LayTask, PlanAnswer, PlanTask, Task } from './tasks.ts';

/** Lays this thread has found, by what was laid. */
const known = new Map<string, Lay>();
const MOST_KNOWN = 300;
/** A search gets as much, however long its outlines took, s. */
const LEAST_SECONDS = 0.02;

/** Works out plans and lays in a thread of its own, so that the server goes on answering. */
export default function work(task: Task): Answer<Lay | PlanAnswer> {
  try {
    return { done: task.do === 'lay' ? layShapes(task) : workOut(task) };
  } catch (error) {
    if (error instanceof Unmakeable) return { unmakeable: [error.field, error.says, error.nearest] };
    if (error instanceof BadInput) return { badInput: [error.field, error.says] };
    if (error instanceof FormulaError) return { fault: `${error.stack} in ${JSON.stringify(task.request)}` };
    throw error;
  }
}

/** The seconds asked for count from here: looking at the outlines takes its share of them. */
function layShapes({ request }: LayTask): Lay {
  const since = performance.now();
  const asked = askedLay(request);
  const { seconds = asked.effort === 'thorough' ? undefined : QUICK_SECONDS } = asked;
  return layPieces({ ...asked, seconds: seconds && Math.max(LEAST_SECONDS, seconds - (performance.now() - since) / 1000) });
}

function workOut({ do: what, request, hand, kept = {}, offered = [] }: PlanTask): PlanAnswer {
  const asked: AskedLay[] = [];
  const quickly = quickLayer();
  const layer: Layer = (wanted, role) => {
    const own = hand && role === 'main' ? laidByHand(wanted, hand) : undefined;
    const key = layKey(wanted);
    const stored = kept[key] ?? known.get(key);
    const found = offered
      .filter((each) => each.key === key)
      .map(({ placements }) => laidByHand(wanted, placements))
      .find((lay) => lay && !(stored && lay.length > stored.length + 1e-6));
    const lay = own ?? found ?? stored ?? quickly(wanted, role);
    if (!own && !found && !stored) remember(key, lay);
    asked.push({ key, lay, from: own ? 'hand' : found ? 'offered' : stored ? 'kept' : 'engine' });
    return lay;
  };
  const plan = withLay(draftFor(request), layer);
  if (what === 'preview') return { text: JSON.stringify(previewOf(plan)), asked };
  const worst = gravest(plan.checks);
  const figures = Object.fromEntries(plan.quantities.map((quantity) => [quantity.id!, quantity.value]));
  return { summary: { figures, verdict: worst?.verdict ?? 'ok', says: worst?.says ?? '' }, asked };
}

function remember(key: string, lay: Lay): void {
  known.set(key, lay);
  if (known.size > MOST_KNOWN) known.delete(known.keys().next().value!);
}
