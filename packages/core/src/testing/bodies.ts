import fc from 'fast-check';

/** Adult bodies between the ends of the published tables and a little beyond, mm, with a hip at least as wide as the waist. */
export const anyBody = fc
  .record({
    waist: fc.integer({ min: 560, max: 1200 }),
    over: fc.integer({ min: 0, max: 320 }),
    hipDepth: fc.integer({ min: 150, max: 250 }),
    kneeDepth: fc.integer({ min: 500, max: 650 }),
    knee: fc.integer({ min: 300, max: 480 }),
  })
  .map(({ waist, over, hipDepth, kneeDepth, knee }) => ({
    'waist-girth': waist,
    'hip-girth': waist + over,
    'waist-to-hip': hipDepth,
    'waist-to-knee': kneeDepth,
    'knee-girth': knee,
  }));

/** Closeness the quantities are held to, mm. */
export const NEAR = 0.05;

/** Hundreds of bodies, the same ones every time. */
export const RUNS = { numRuns: 200, seed: 20270508 };
