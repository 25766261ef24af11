/** A cloth as the plan sees it. Lengths mm; stretch and shrinkage are shares (0.05 = 5 %). */
export interface Cloth {
  /** Selvedge to selvedge. */
  width: number;
  /** Waste at each edge. */
  selvedge: number;
  kind: 'woven' | 'knit';
  weight: 'light' | 'medium' | 'heavy';
  stretchAcross: number;
  stretchAlong: number;
  shrinkAcross: number;
  shrinkAlong: number;
  /** Which way a print runs: up the length, across the width, or none. */
  print: 'none' | 'up' | 'across';
  /** Nap, pile or a print that must not be turned end for end. */
  oneWay: boolean;
  sheer: boolean;
  frays: boolean;
  prewashed: boolean;
  /** Length of the print's repeat, mm; none or 0 where nothing has to be matched. */
  repeat?: number;
  /** Length in the cupboard; unknown where it is still to be bought. */
  lengthOnHand?: number;
  /** Price per metre, in the person's currency. */
  pricePerMetre?: number;
}

const FIGURES: ReadonlyArray<keyof Cloth> = [
  'width',
  'selvedge',
  'kind',
  'weight',
  'stretchAcross',
  'stretchAlong',
  'shrinkAcross',
  'shrinkAlong',
  'print',
  'oneWay',
  'sheer',
  'frays',
  'prewashed',
  'repeat',
  'lengthOnHand',
  'pricePerMetre',
];

/** The figures of a stored cloth, as a plan takes them: what is stored as nothing is left out, and its name and story too. */
export function clothFigures(stored: { readonly [K in keyof Cloth]?: Cloth[K] | null }): Partial<Cloth> {
  return Object.fromEntries(FIGURES.filter((key) => stored[key] != null).map((key) => [key, stored[key]])) as Partial<Cloth>;
}

/** The cloth a plan assumes when none is named (figures of the public contract). */
export const PLAIN_WOVEN: Cloth = {
  width: 1500,
  selvedge: 10,
  kind: 'woven',
  weight: 'medium',
  stretchAcross: 0,
  stretchAlong: 0,
  shrinkAcross: 0,
  shrinkAlong: 0,
  print: 'none',
  oneWay: false,
  sheer: false,
  frays: true,
  prewashed: true,
};

/** The same for constructions that only work in a knit. */
export const PLAIN_KNIT: Cloth = { ...PLAIN_WOVEN, kind: 'knit', stretchAcross: 0.5, stretchAlong: 0.2, frays: false };
