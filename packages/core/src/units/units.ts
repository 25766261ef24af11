/** The two systems a person may think in; all stored lengths are millimetres. */
export type Units = 'cm' | 'in';

/** 1 inch in millimetres: international yard and pound agreement, exact. */
export const INCH = 25.4;
/** 1 yard in millimetres: international yard and pound agreement, exact. */
export const YARD = 914.4;

/** How finely a length is shown, in millimetres. */
export const STEP = { cm: 1, 'cm-chalk': 5, in: INCH / 8, 'in-fine': INCH / 16 } as const;
export type StepName = keyof typeof STEP;
