import fc from 'fast-check';

/** Adult bodies between the ends of the published tables and a little beyond, mm, with a hip at least as wide as the waist. */
export const anyBody = fc
  .record({
    waist: fc.integer({ min: 560, max: 1200 }),
    over: fc.integer({ min: 0, max: 320 }),
    hipDepth: fc.integer({ min: 150, max: 250 }),
    kneeDepth: fc.integer({ min: 500, max: 650 }),
    knee: fc.integer({ min: 300, max: 480 }),
    bust: fc.integer({ min: 20, max: 260 }),
    ribs: fc.integer({ min: 60, max: 170 }),
    arm: fc.integer({ min: 230, max: 420 }),
    neck: fc.integer({ min: 310, max: 450 }),
    across: fc.integer({ min: 330, max: 470 }),
    back: fc.integer({ min: 370, max: 480 }),
    span: fc.integer({ min: 1250, max: 1750 }),
  })
  .map(({ waist, over, hipDepth, kneeDepth, knee, bust, ribs, arm, neck, across, back, span }) => ({
    'waist-girth': waist,
    'hip-girth': waist + over,
    'waist-to-hip': hipDepth,
    'waist-to-knee': kneeDepth,
    'knee-girth': knee,
    'bust-girth': waist + bust,
    'under-bust-girth': waist + bust - ribs,
    'upper-arm-girth': arm,
    'wrist-girth': Math.round(arm * 0.55),
    'neck-girth': neck,
    'shoulder-width': across,
    'shoulder-to-waist': back,
    'shoulder-to-floor': back + 1020,
    'wrist-span': span,
    'back-neck-width': Math.round(neck / 2.1),
  }));

/** Closeness the quantities are held to, mm. */
export const NEAR = 0.05;

/** Hundreds of bodies, the same ones every time. */
export const RUNS = { numRuns: 200, seed: 20270508 };
