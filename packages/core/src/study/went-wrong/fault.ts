import type { ChoiceValue } from '../../garments/choice.ts';
import type { Step } from '../../make/step.ts';
import type { Plan } from '../../plan/plan.ts';

/** One thing that can still be done, with its numbers. */
export interface Remedy {
  says: string;
  /** What it costs: time, cloth, length, looks. */
  cost: string;
  /** The choices the plan is worked out with from here on, where they change. */
  change?: Record<string, ChoiceValue>;
}

/** Something that went wrong at a step, by handbook 14 and 15. */
export interface Fault {
  id: string;
  label: string;
  /** What has to be measured before anything can be said, mm: what to call it, the figure it starts with, and bounds that can be. */
  asks?: { label: string; usual: (plan: Plan) => number; max: number };
  /** Whether it can go wrong at this step of this plan. */
  at(step: Step, plan: Plan): boolean;
  /** What can be done about it; `amount` is what was measured, mm. */
  remedies(plan: Plan, amount: number, step: Step): Remedy[];
}
