// How long the lays are, as a share of the best known, beside bounding-box packing and rows laid by hand; and how long the first takes.
import { MaxRectsPacker } from '../../node_modules/maxrects-packer/dist/maxrects-packer.mjs';
import { layPieces } from '@arcus/core';
import { layShapes, NoFitStore } from '../../packages/core/dist/lay/outlines/lay-shape.js';
import { layHeadToTail } from '../../packages/core/dist/lay/outlines/rows.js';
import { lengthOfLay } from '../../packages/core/dist/lay/outlines/put.js';
import { cutRectangles, dissection, gores, sectors } from '../../packages/core/dist/testing/lay-sets.js';
import { median, table } from './median.mjs';

const SEEDS = [1, 2, 3, 4, 5];

/** Sets with a perfect solution, so that the best length is known, and what is promised of each. */
const KNOWN = [
  ...[10, 25, 40].map((count) => ({
    name: `${count} rectangles of one`,
    width: 1400,
    best: 2000,
    seconds: 1,
    promise: 1.005,
    set: (seed) => cutRectangles(count, 1400, 2000, seed * 97 + count),
  })),
  {
    name: '30 rectangles, nearly fitting',
    width: 1400,
    best: 2000,
    seconds: 1,
    promise: 1.05,
    set: (seed) => cutRectangles(30, 1400, 2000, seed * 13, 6),
  },
  {
    name: '30 rectangles, nearly fitting',
    width: 1400,
    best: 2000,
    seconds: 10,
    promise: 1.03,
    set: (seed) => cutRectangles(30, 1400, 2000, seed * 13, 6),
  },
  { name: 'dissection of 6', width: 1200, best: 1500, seconds: 1, promise: 1.005, set: (seed) => dissection(6, 1200, 1500, seed * 7) },
  { name: 'dissection of 10', width: 1200, best: 1500, seconds: 3, promise: 1.02, set: (seed) => dissection(10, 1200, 1500, seed * 7) },
  { name: 'dissection of 16', width: 1200, best: 1500, seconds: 10, promise: 1.2, set: (seed) => dissection(16, 1200, 1500, seed * 7) },
];

const mixed = (...pieces) => pieces.map((each, i) => ({ ...each, id: `p${i}` }));

/** Sets whose best length nobody knows: three seconds beside the best of five long searches. */
const UNKNOWN = [
  { name: '8 gores', width: 1400, set: () => [gores(8, 5)] },
  { name: '10 trumpet gores', width: 1120, set: () => [gores(10, 3, true)] },
  { name: '2 half rings', width: 1480, set: () => [sectors(2, 110, 620, 180)] },
  { name: '6 ring sectors', width: 1400, set: () => [sectors(6, 200, 640, 60)] },
  { name: 'tiers and a band', width: 1400, set: () => cutRectangles(9, 1300, 1700, 4, 30) },
  { name: 'a mixed garment', width: 1400, set: () => mixed(gores(8, 1), sectors(2, 90, 300, 180), ...cutRectangles(5, 600, 700, 3)) },
  { name: 'mixed, trumpets', width: 1120, set: () => mixed(gores(6, 7), gores(4, 8, true), ...cutRectangles(5, 700, 600, 7)) },
  { name: 'mixed, third rings', width: 1400, set: () => mixed(gores(8, 2), sectors(3, 150, 420, 120), ...cutRectangles(4, 700, 500, 5)) },
];

const box = (outline) => {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
};

/** The same pieces as boxes, packed by a general-purpose rectangle packer. */
function boxes(width, pieces) {
  const packer = new MaxRectsPacker(width, 1e6, 0, { smart: false, pot: false, square: false, allowRotation: false });
  packer.addArray(
    pieces.flatMap(({ outline, copies }) => {
      const [w, h] = box(outline);
      return Array.from({ length: copies }, () => ({ width: w, height: h }));
    }),
  );
  return Math.max(...packer.bins.flatMap((bin) => bin.rects.map((rect) => rect.y + rect.height)));
}

function byHand(width, pieces) {
  const shapes = layShapes(pieces, width);
  const items = pieces.flatMap(({ copies }, i) => Array.from({ length: copies }, () => shapes[i]));
  return lengthOfLay(layHeadToTail(items, width, new NoFitStore()));
}

function timed(width, pieces, seconds, seed) {
  const from = performance.now();
  let first;
  const { length } = layPieces({ width, pieces, effort: 'thorough', seconds, seed }, () => (first ??= performance.now() - from));
  return { length, first: first ?? 0, took: (performance.now() - from) / 1000 };
}

const ratio = (x) => x.toFixed(3);

export async function run() {
  const known = [['length / best known', 'seconds', 'median', 'worst', 'promised', '', 'by hand', 'boxes', 'first, ms', 'took / budget']];
  for (const { name, width, best, seconds, promise, set } of KNOWN) {
    const runs = SEEDS.map((seed) => timed(width, set(seed), seconds, seed));
    const lengths = runs.map(({ length }) => length / best);
    const middle = median(lengths);
    known.push([
      name,
      seconds,
      ratio(middle),
      ratio(Math.max(...lengths)),
      promise,
      middle <= promise ? 'kept' : 'MISSED',
      ratio(median(SEEDS.map((seed) => byHand(width, set(seed)) / best))),
      ratio(median(SEEDS.map((seed) => boxes(width, set(seed)) / best))),
      Math.round(median(runs.map(({ first }) => first))),
      (Math.max(...runs.map(({ took }) => took)) / seconds).toFixed(2),
    ]);
  }
  table('Sets cut from one rectangle (median and worst of five seeds)', known);
  const unknown = [['length / best of five 10 s searches', 'median in 3 s', 'worst', 'by hand', 'boxes']];
  for (const { name, width, set } of UNKNOWN) {
    const best = Math.min(...SEEDS.map((seed) => timed(width, set(), 10, seed + 50).length));
    const lengths = SEEDS.map((seed) => timed(width, set(), 3, seed).length / best);
    unknown.push([name, ratio(median(lengths)), ratio(Math.max(...lengths)), ratio(byHand(width, set()) / best), ratio(boxes(width, set()) / best)]);
  }
  table('Sets whose best is not known', unknown);
}
