import type { Cloth } from '../cloth/cloth.ts';
import { needleFor } from './needle.ts';

/** A tool that is kept and not used up: whoever has one need not buy it again. */
export interface Tool {
  id: string;
  what: string;
}

const CLOTHS: ReadonlyArray<Pick<Cloth, 'kind' | 'weight'>> = (['woven', 'knit'] as const).flatMap((kind) =>
  (['light', 'medium', 'heavy'] as const).map((weight) => ({ kind, weight })),
);

const needleId = (needle: string) => `needle-${needle.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;

/** The machine needle a cloth takes. */
export const needleTool = (cloth: Pick<Cloth, 'kind' | 'weight'>): Tool => ({
  id: needleId(needleFor(cloth)),
  what: `Machine needles, ${needleFor(cloth)}`,
});

export const HAND_NEEDLES: Tool = { id: 'needle-hand', what: 'Hand needles, sharps 7 to 9' };
export const ZIP_FOOT: Tool = { id: 'foot-zip', what: 'Zip foot for the machine' };

/** Every tool a plan may ask for, needles from fine to thick. */
export const TOOLS: readonly Tool[] = [...new Map([...CLOTHS.map(needleTool), HAND_NEEDLES, ZIP_FOOT].map((tool) => [tool.id, tool])).values()];
