import type { DemoSwatch } from './scenario.ts';

export const swatches: DemoSwatch[] = [
  { cloth: 'harbour', kind: 'shirring', before: 300, after: 162, steamed: 152, daysAgo: 20, note: 'six rows, stitch 3.5' },
  { cloth: 'harbour', kind: 'shirring', before: 300, after: 171, steamed: 161, daysAgo: 19, note: 'stitch 4' },
  { cloth: 'ink', kind: 'stretch', way: 'across', before: 100, after: 152, daysAgo: 33 },
  { elastic: 'soft', kind: 'elastic', before: 100, after: 178, daysAgo: 33 },
];
