import { UP_TO_SHOULDER } from './heights.ts';
import type { Body } from './measures.ts';
import { wearerOf } from './wearer.ts';

/** Heights above the floor, half widths seen from the front and lengths, mm. */
export interface Figure {
  heights: { floor: number; knee: number; hip: number; waist: number; bust: number; shoulder: number; neck: number; chin: number; crown: number };
  halfWidths: { knee: number; hip: number; waist: number; bust: number; shoulder: number; neck: number; head: number; arm: number; wrist: number };
  /** From the shoulder to the wrist. */
  arm: number;
  child: boolean;
  /** Measures that were not taken and are drawn from proportion. */
  guessed: string[];
}

/** A body is taken as an ellipse whose depth is this share of its width (common practice, no source). */
const DEPTH = 0.72;

/** Half the front width of a body girth, mm: half axis of an ellipse of that girth (Euler's approximation). */
export function halfWidth(girth: number): number {
  return girth / (2 * Math.PI * Math.sqrt((1 + DEPTH ** 2) / 2));
}

/** Usual lengths of an adult 1.68 m tall and of a child of about six, mm (common practice, no source). */
const ADULT = {
  'waist-to-floor': 1040,
  'waist-to-hip': 200,
  'waist-to-knee': 590,
  'shoulder-to-waist': 420,
  'bust-girth': 920,
  'waist-girth': 740,
  'hip-girth': 980,
  'knee-girth': 370,
  'neck-girth': 360,
  'head-girth': 560,
  'upper-arm-girth': 290,
  'wrist-girth': 165,
  'shoulder-to-wrist': 580,
};
const CHILD = {
  'waist-to-floor': 700,
  'waist-to-hip': 130,
  'waist-to-knee': 390,
  'shoulder-to-waist': 290,
  'bust-girth': 600,
  'waist-girth': 540,
  'hip-girth': 620,
  'knee-girth': 260,
  'neck-girth': 280,
  'head-girth': 515,
  'upper-arm-girth': 185,
  'wrist-girth': 130,
  'shoulder-to-wrist': 390,
};
/** A head is so high for its girth, a neck so long from its side to the chin for the height of the head (common practice, no source). */
const HEAD_HEIGHT = 0.41;
const NECK_OF_HEAD = { adult: 0.24, child: 0.13 };
/** The side of the neck lies so far above the waist for the length of the tape, which runs over the bust; and the shoulder's end below it. */
const UPRIGHT = { adult: 0.95, child: 0.98 };
const SLOPE = 0.1;

/** The figure a garment is drawn on: the person's own measures, proportion where one is missing; a child's where it is one. */
export function figureOf(body: Body): Figure {
  const child = wearerOf(body) !== 'adult';
  const usual = child ? CHILD : ADULT;
  const guessed: string[] = [];
  const get = (id: keyof typeof ADULT): number => {
    const own = body[id] ?? (id === 'bust-girth' && body['flatChest'] ? 2 * body['flatChest'] : undefined);
    if (own === undefined) guessed.push(id);
    return own ?? usual[id];
  };
  const waist = get('waist-to-floor');
  const upper = get('shoulder-to-waist');
  const neck = waist + UPRIGHT[child ? 'child' : 'adult'] * upper;
  const head = get('head-girth');
  const tall = HEAD_HEIGHT * head;
  const chin = neck + NECK_OF_HEAD[child ? 'child' : 'adult'] * tall;
  const bust = halfWidth(get('bust-girth'));
  return {
    heights: {
      floor: 0,
      knee: waist - get('waist-to-knee'),
      hip: waist - get('waist-to-hip'),
      waist,
      bust: waist + UP_TO_SHOULDER.bust * upper,
      shoulder: neck - SLOPE * upper,
      neck,
      chin,
      crown: chin + tall,
    },
    halfWidths: {
      knee: halfWidth(get('knee-girth')),
      hip: halfWidth(get('hip-girth')),
      waist: halfWidth(get('waist-girth')),
      bust,
      shoulder: body['shoulder-width'] ? body['shoulder-width'] / 2 : bust * 1.18,
      neck: halfWidth(get('neck-girth')) * 0.86,
      head: halfWidth(head) * 0.8,
      arm: get('upper-arm-girth') / (2 * Math.PI),
      wrist: get('wrist-girth') / (2 * Math.PI),
    },
    arm: get('shoulder-to-wrist'),
    child,
    guessed,
  };
}
