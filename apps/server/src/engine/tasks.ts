import type { BadInput, Lay, Placement, PlanRequest, Unmakeable } from '@arcus/core';
import type { LayPreviewRequest, MakeSummary } from '@arcus/contract';

/** A lay by what was laid: the same pieces on the same cloth have the same key. */
export interface AskedLay {
  key: string;
  lay: Lay;
  /** Where it came from: laid by the person, kept from before, found elsewhere and offered, or laid now. */
  from: 'hand' | 'kept' | 'offered' | 'engine';
}

/** A plan to work out. `kept`: lays known already, by key; `offered`: lays that may fit, by whoever searched. */
export interface PlanTask {
  do: 'preview' | 'summary';
  request: PlanRequest;
  hand?: readonly Placement[];
  kept?: Readonly<Record<string, Lay>>;
  offered?: ReadonlyArray<{ key: string; placements: readonly Placement[] }>;
}

/** Shapes to lay, as they were sent. */
export interface LayTask {
  do: 'lay';
  request: LayPreviewRequest;
}

export type Task = PlanTask | LayTask;

/** `text`: a preview as JSON, ready to be sent. */
export interface PlanAnswer {
  text?: string;
  summary?: MakeSummary;
  asked: AskedLay[];
}

/** What comes back from a thread: errors lose their class on the way, so they travel as data. */
export type Answer<T> =
  { done: T } | { unmakeable: ConstructorParameters<typeof Unmakeable> } | { badInput: ConstructorParameters<typeof BadInput> } | { fault: string };
