import type { DemoMake } from './scenario.ts';

const passed = (...stations: string[]) => stations.map((station) => `station:${station}`);

export const makes: DemoMake[] = [
  {
    name: 'Concert skirt',
    construction: 'circle-skirt',
    person: 'tove',
    cloth: 'rust',
    dueInDays: 33,
    station: 'chalk',
    choices: { length: 620, closure: 'zip' },
    done: [...passed('measure', 'shape', 'cloth'), 'chalk:skirt:fold-1', 'chalk:skirt:centre'],
  },
  {
    name: 'Rehearsal skirt',
    construction: 'circle-skirt',
    person: 'maren',
    cloth: 'slate',
    elastic: 'soft',
    dueInDays: 12,
    station: 'sew',
    choices: { length: 560, fraction: 0.5, closure: 'pull-on' },
    done: [...passed('measure', 'shape', 'cloth', 'chalk'), 'sew:test', 'sew:chalk', 'sew:cut', 'sew:stay-stitch'],
  },
  {
    name: 'Twirling skirt for Pim',
    construction: 'circle-skirt',
    person: 'pim',
    cloth: 'harbour',
    elastic: 'narrow',
    dueInDays: 40,
    station: 'shape',
    choices: { length: 300, closure: 'pull-on' },
    done: passed('measure'),
  },
  { name: 'Tiers for the encore', construction: 'tiered-skirt', person: 'ilka', cloth: 'harbour', elastic: 'soft', dueInDays: 47, station: 'cloth', choices: { tiers: 4, length: 900, heights: 'growing', seamFullness: 1.4, topFullness: 1.2 }, done: passed('measure', 'shape') },
  { name: 'Trumpet skirt', construction: 'gored-skirt', person: 'maren', cloth: 'cord', dueInDays: 60, station: 'shape', choices: { profile: 'trumpet', length: 780, hipShift: 30, goreHem: 280 }, done: passed('measure') },
  { name: 'Quay tube', construction: 'knit-tube-skirt', person: 'tove', cloth: 'ink', elastic: 'soft', station: 'chalk', choices: { profile: 'shaped', length: 540, peplum: true, elasticSchool: 'body' }, done: passed('measure', 'shape', 'cloth') },
  { name: 'Whole-width apron skirt', construction: 'gathered-skirt', person: 'sunna', cloth: 'ticking', elastic: 'wide', dueInDays: 25, station: 'shape', choices: { waist: 'tube-band', widthSchool: 'whole', length: 620, pockets: true }, done: passed('measure') },
  {
    name: 'Ilka’s summer half-circle',
    construction: 'circle-skirt',
    person: 'ilka',
    cloth: 'cord',
    station: 'wear',
    choices: { length: 700, fraction: 0.5 },
    done: passed('measure', 'shape', 'cloth', 'chalk', 'sew', 'wear'),
    log: {
      daysAgo: 61,
      verdict: 'wear',
      actuals: { 'finished-girth': 884, 'hem-sweep': 3080, 'finished-length': 688, 'sewing-minutes': 235 },
      note: 'The waist stretched before I stay-stitched it. The hem dropped 2 cm at the sides overnight.',
      nextTime: 'Stay-stitch before lifting it off the table. Cut the hole 4 mm smaller.',
    },
  },
];
