import { bodyLevels, girthAt } from '../body/girth-at.ts';
import { SHOULDER_TO_WAIST, UP_TO_SHOULDER } from '../body/heights.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** From the side of the neck to the waist, mm, measured or usual. */
export const toWaist = (sheet: Worksheet): number => (sheet.body['shoulder-to-waist'] ?? SHOULDER_TO_WAIST[sheet.wearer]) * sheet.scale;

/** How far below the waist the bust, the line under it or the underarm lies, mm; less than 0: above. */
export const dropOf = (sheet: Worksheet, level: keyof typeof UP_TO_SHOULDER): number => -UP_TO_SHOULDER[level] * toWaist(sheet);

/** Girth of the body so far below the waist, mm; 0 where nothing was measured. */
export const bodyAt = (sheet: Worksheet, drop: number): number => girthAt(bodyLevels(sheet.body, sheet.scale), drop);
