import type { Scenario } from './scenario.ts';

/** Cloths in and out of the cupboard; lengths mm, shares plain. */
export const cloths: Scenario['cloths'] = [
  { key: 'rust', name: 'Rust linen', fibre: 'linen', colour: '#b8674f', width: 1500, kind: 'woven', weight: 'medium', shrinkAlong: 0.05, shrinkAcross: 0.03, prewashed: true, lengthOnHand: 2400 },
  { key: 'harbour', name: 'Harbour blue poplin', fibre: 'cotton', colour: '#3f6f94', width: 1400, kind: 'woven', weight: 'light', shrinkAlong: 0.04, shrinkAcross: 0.02, prewashed: false, lengthOnHand: 3600, pricePerMetre: 11.5 },
  { key: 'slate', name: 'Slate wool', fibre: 'wool', colour: '#5b6470', width: 1500, kind: 'woven', weight: 'heavy', prewashed: true, lengthOnHand: 1600 },
  { key: 'voile', name: 'Gull voile', fibre: 'cotton', colour: '#c9cfd0', width: 1120, kind: 'woven', weight: 'light', sheer: true, shrinkAlong: 0.04, prewashed: false, lengthOnHand: 5000, pricePerMetre: 8.9 },
  { key: 'ticking', name: 'Sail ticking', fibre: 'cotton', colour: '#8c9aa6', width: 900, kind: 'woven', weight: 'medium', print: 'up', prewashed: true, lengthOnHand: 4200 },
  { key: 'cord', name: 'Moss needlecord', fibre: 'cotton', colour: '#6b7a4b', width: 1140, kind: 'woven', weight: 'medium', oneWay: true, shrinkAlong: 0.03, prewashed: false, pricePerMetre: 15 },
  { key: 'ink', name: 'Ink jersey', fibre: 'viscose, elastane', colour: '#38406b', width: 1600, kind: 'knit', weight: 'medium', stretchAcross: 0.6, stretchAlong: 0.3, frays: false, prewashed: true, lengthOnHand: 1900 },
  { key: 'madder', name: 'Madder sweatshirting', fibre: 'cotton', colour: '#a8434e', width: 1700, kind: 'knit', weight: 'heavy', stretchAcross: 0.28, stretchAlong: 0.1, frays: false, shrinkAlong: 0.06, prewashed: false, lengthOnHand: 1300 },
];

export const elastics: Scenario['elastics'] = [
  { key: 'soft', name: 'Soft waistband elastic', kind: 'woven-non-roll', width: 25, lengthOnHand: 4000 },
  { key: 'narrow', name: 'Narrow knitted', kind: 'knitted', width: 10, lengthOnHand: 6500 },
  { key: 'wide', name: 'Wide striped, to show', kind: 'exposed', width: 50, lengthOnHand: 1500 },
];
