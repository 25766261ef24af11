import type { Body } from './measures.ts';

/** Who wears it: limits of comfort and cautions follow. */
export const WEARERS = ['adult', 'child', 'infant'] as const;
export type Wearer = (typeof WEARERS)[number];

/** A waist below this is a child's, mm (common practice, no source). */
const CHILD_WAIST = 560;
/** A hip below this is a child's where no waist was taken, mm (common practice, no source). */
const CHILD_HIP = 700;
/** A waist below this is that of a child under about three, mm (common practice, no source). */
const INFANT_WAIST = 480;

/** A bust below this is a child's where neither was taken, mm (common practice, no source). */
const CHILD_BUST = 680;

const bustOf = (body: Body): number | undefined => body['bust-girth'] ?? (body['flatChest'] === undefined ? undefined : 2 * body['flatChest']);

/** Who a body most likely is, where nobody said. Of a body at full size, never of a sample's. */
export function wearerOf(body: Body): Wearer {
  const waist = body['waist-girth'] ?? (body['flatWaist'] === undefined ? undefined : 2 * body['flatWaist']);
  const [measure, limit] =
    waist !== undefined ? [waist, CHILD_WAIST] : body['hip-girth'] !== undefined ? [body['hip-girth'], CHILD_HIP] : [bustOf(body), CHILD_BUST];
  if (measure === undefined || measure >= limit) return 'adult';
  return waist !== undefined && waist < INFANT_WAIST ? 'infant' : 'child';
}

/** Who a person is: a child by their own word, else by the body. */
export function wearerFor(body: Body, child: boolean): Wearer {
  const likely = wearerOf(body);
  return child && likely === 'adult' ? 'child' : likely;
}
