import { formatLength } from './format.ts';
import { INCH, type Units } from './units.ts';

/** A rule of thumb in a round number of the person's own unit: so many mm, or so many inches. */
export type About = (mm: number, inches: number) => string;

/** Words for a person: plain, or with lengths in them that are told in round numbers of their unit. */
export type Prose = string | ((about: About) => string);

export const aboutIn =
  (units: Units): About =>
  (mm, inches) =>
    formatLength(units === 'in' ? inches * INCH : mm, units, 'nearest');

export const proseIn = (text: Prose, units: Units): string => (typeof text === 'string' ? text : text(aboutIn(units)));
