export type ElasticKind = 'woven-non-roll' | 'knitted' | 'braided' | 'exposed' | 'clear';

/** An elastic as the plan sees it. */
export interface Elastic {
  /** mm. */
  width: number;
  kind: ElasticKind;
  /** Stretched length over rest length, the most it gives without strain. */
  greatestStretch: number;
}

/** Usual greatest stretch by kind (common practice, from memory); the person's own test overrides it. */
export const USUAL_STRETCH: Readonly<Record<ElasticKind, number>> = {
  'woven-non-roll': 1.5,
  knitted: 1.8,
  braided: 2.0,
  exposed: 1.6,
  clear: 2.5,
};

/** Share of the greatest stretch that may be counted on (common practice, no source). */
export const STRETCH_RESERVE = 0.95;

export const PLAIN_ELASTIC: Elastic = { width: 20, kind: 'woven-non-roll', greatestStretch: USUAL_STRETCH['woven-non-roll'] };
