import { YARD, type Units } from './units.ts';

/** Shops cut cloth by that much, mm: 10 cm, or an eighth of a yard (handbook 11, common practice). */
export const SHOP_STEP: Record<Units, number> = { cm: 100, in: YARD / 8 };
