import type { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Check } from './check.ts';

/** Heavy cloth looks right in part circles, light cloth in full ones (handbook 2, common practice). */
export function weightSuitsCircle(sheet: Worksheet, fraction: Quantity): Check {
  const { weight } = sheet.cloth;
  const numbers = { fraction: fraction.value };
  if (weight === 'heavy' && fraction.value >= 1) {
    return {
      id: 'weight-suits',
      verdict: 'caution',
      numbers,
      says: 'A full circle of heavy cloth pulls at the waist and stands out stiffly. Half or three quarters hang better.',
      waysOut: [
        { says: 'Make it half a circle', choices: { fraction: 0.5 } },
        { says: 'Make it three quarters', choices: { fraction: 0.75 } },
      ],
    };
  }
  if (weight === 'light' && fraction.value < 0.75) {
    return {
      id: 'weight-suits',
      verdict: 'caution',
      numbers,
      says: 'So little of a circle in light cloth may cling. A full circle shows what this cloth can do.',
      waysOut: [{ says: 'Make it a full circle', choices: { fraction: 1 } }],
    };
  }
  return { id: 'weight-suits', verdict: 'ok', numbers, says: 'This much of a circle suits the weight of the cloth.' };
}
