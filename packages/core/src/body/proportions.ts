import type { Body } from './measures.ts';

/** Heights above the floor and half widths seen from the front, mm. */
export interface Figure {
  heights: { floor: number; knee: number; hip: number; waist: number; bust: number; shoulder: number; neck: number; crown: number };
  halfWidths: { knee: number; hip: number; waist: number; bust: number; shoulder: number; neck: number; head: number };
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
};
/** A waist or hip below these is drawn with a child's proportions, mm. */
const CHILD_WAIST = 570;
const CHILD_HIP = 700;

/** The figure a garment is drawn on: the person's own measures, proportion where one is missing. */
export function figureOf(body: Body): Figure {
  const child = (body['hip-girth'] ?? Infinity) < CHILD_HIP || (body['waist-girth'] ?? Infinity) < CHILD_WAIST;
  const usual = child ? CHILD : ADULT;
  const guessed: string[] = [];
  const get = (id: keyof typeof ADULT): number => {
    const own = body[id];
    if (own === undefined) guessed.push(id);
    return own ?? usual[id];
  };
  const waist = get('waist-to-floor');
  const shoulder = waist + get('shoulder-to-waist');
  const head = get('head-girth');
  return {
    heights: {
      floor: 0,
      knee: waist - get('waist-to-knee'),
      hip: waist - get('waist-to-hip'),
      waist,
      bust: waist + 0.42 * (shoulder - waist),
      shoulder: shoulder - 0.1 * (shoulder - waist),
      neck: shoulder + 20,
      crown: shoulder + 0.52 * head,
    },
    halfWidths: {
      knee: halfWidth(get('knee-girth')),
      hip: halfWidth(get('hip-girth')),
      waist: halfWidth(get('waist-girth')),
      bust: halfWidth(get('bust-girth')),
      shoulder: body['shoulder-width'] ? body['shoulder-width'] / 2 : halfWidth(get('bust-girth')) * 1.18,
      neck: halfWidth(get('neck-girth')) * 0.86,
      head: halfWidth(head) * 0.8,
    },
    guessed,
  };
}
