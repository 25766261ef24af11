import { SHOULDER_TO_WAIST, UP_TO_SHOULDER } from './heights.ts';
import type { Body } from './measures.ts';
import { wearerOf } from './wearer.ts';

/** Where the hip lies where that was not measured, mm below the waist of an adult and a child (common practice, no source). */
const HIP_DEPTH = { adult: 200, child: 130 };
/** Both legs at the knee, as a share of the hip, where nothing was measured there (common practice, no source). */
const LEGS_OF_HIP = 0.76;
/** The legs at the knee lie this far below the hip where nothing was measured, mm. */
const HIP_TO_KNEE = 390;

/** A level of the body, how far below the waist it lies (less than 0 above it) and how far round it is there, mm. */
export interface BodyLevel {
  name: string;
  drop: number;
  girth: number;
}

/**
 * The body as it was measured, top first: bust, under the bust, waist, hip, both legs at the knee. What is missing is taken from
 * proportion. Lengths and girths at the scale given (a practice sample is smaller).
 */
export function bodyLevels(body: Body, scale = 1): BodyLevel[] {
  const hip = body['hip-girth'];
  const waist = body['waist-girth'] ?? (body['flatWaist'] === undefined ? undefined : 2 * body['flatWaist']);
  const small = (hip ?? waist ?? Infinity) < 700;
  const depth = body['waist-to-hip'] ?? HIP_DEPTH[small ? 'child' : 'adult'];
  const levels: BodyLevel[] = [];
  const up = body['shoulder-to-waist'] ?? SHOULDER_TO_WAIST[wearerOf(body)];
  for (const name of ['bust', 'under-bust'] as const) {
    const girth = body[`${name}-girth`];
    if (girth !== undefined) levels.push({ name: name.replace('-', ' '), drop: -UP_TO_SHOULDER[name] * up, girth });
  }
  if (waist !== undefined) levels.push({ name: 'waist', drop: 0, girth: waist });
  if (hip !== undefined) {
    levels.push({ name: 'hip', drop: depth, girth: hip });
    const knee = Math.max(depth + 50, body['waist-to-knee'] ?? depth + HIP_TO_KNEE);
    const legs = Math.min(hip, body['knee-girth'] === undefined ? LEGS_OF_HIP * hip : Math.max(2 * body['knee-girth'], 0.7 * hip));
    levels.push({ name: 'knee', drop: knee, girth: legs });
  }
  return levels.map(({ name, drop, girth }) => ({ name, drop: drop * scale, girth: girth * scale }));
}

/** The girth of the body so far below the waist, mm: straight between the levels, unchanged beyond them. 0 where nothing was measured. */
export function girthAt(levels: readonly BodyLevel[], drop: number): number {
  return between(levels, drop);
}

/** A girth between the heights it is known at, mm; `levels` from the top down. */
export function between(levels: ReadonlyArray<{ drop: number; girth: number }>, drop: number): number {
  const [first] = levels;
  if (!first) return 0;
  if (drop <= first.drop) return first.girth;
  for (let i = 1; i < levels.length; i++) {
    const [above, below] = [levels[i - 1]!, levels[i]!];
    if (drop <= below.drop + 1e-9) {
      const share = below.drop === above.drop ? 1 : (drop - above.drop) / (below.drop - above.drop);
      return above.girth + share * (below.girth - above.girth);
    }
  }
  return levels[levels.length - 1]!.girth;
}
