import type { OnTheTable } from '@arcus/contract';
import type { Construction } from '@arcus/core';

/** The choices of a construction that follow from what stands on the table, where they differ from its own defaults. */
export function tableChoices({ choices }: Pick<Construction, 'choices'>, table: OnTheTable | undefined): Record<string, string> {
  const said = Object.entries(table ?? {}) as Array<[string, string]>;
  return Object.fromEntries(said.filter(([id, value]) => choices.some((each) => each.id === id && each.default !== value)));
}
