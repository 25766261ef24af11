import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { INCH } from '../units/units.ts';

/** When both ends go into a seam, half an inch each (handbook 7, common practice). */
const SEAM_JOIN = Quantity.constant(INCH, 'mm', undefined, '2 x 12.7 mm, common practice');
const AN_INCH = Quantity.constant(INCH, 'mm', undefined, 'the school of one inch less');

export interface ElasticLengths {
  finished: Quantity;
  cut: Quantity;
}

/**
 * How long the elastic is when closed to a ring, and how long to cut it, by the chosen school. `girth` is the body where it sits, mm.
 * `prefix` names the quantities ("elastic" gives elastic-finished, elastic-cut). Throws BadInput where the try-on length is missing,
 * Unmakeable where it is longer than the body.
 */
export function elasticLengths(sheet: Worksheet, girth: Quantity, prefix = 'elastic', label = 'Elastic'): ElasticLengths {
  const finished = sheet.put(`${prefix}-finished`, `${label}, closed`, 'up', bySchool(sheet, girth));
  const join = sheet.oneOf('elasticJoin') === 'seam' ? SEAM_JOIN : sheet.number('elasticOverlap');
  const cut = sheet.put(`${prefix}-cut`, `${label}, to cut`, 'up', finished.plus(join));
  return { finished, cut };
}

function bySchool(sheet: Worksheet, girth: Quantity): Quantity {
  switch (sheet.oneOf('elasticSchool')) {
    case 'less-an-inch':
      if (girth.value <= AN_INCH.value) throw new Unmakeable('choices.elasticSchool', 'An inch less leaves no elastic.', 'body');
      return girth.minus(AN_INCH);
    case 'snug':
      return girth.times(sheet.number('elasticSnug'));
    case 'try-on': {
      if (!sheet.isSet('elasticTryOn'))
        throw new BadInput('choices.elasticTryOn', 'is needed with the school of trying on: the length of elastic as it was pinned on the person');
      const pinned = sheet.number('elasticTryOn');
      if (pinned.value > girth.value)
        throw new Unmakeable('choices.elasticTryOn', 'The elastic is longer than the body it should hold on to.', girth.value / sheet.scale);
      return pinned;
    }
    default:
      return girth;
  }
}

/** Fold-over at the top for a casing: elastic + 5 mm room + 10 mm turned under (handbook 3, common practice). */
export function casingTurn(sheet: Worksheet): Quantity {
  return sheet.put(
    'casing-turn',
    'Turned over for the casing',
    'up',
    elasticWidth(sheet).plus(sheet.figure('casing-room')).plus(sheet.figure('casing-under')),
  );
}

export function elasticWidth(sheet: Worksheet): Quantity {
  return Quantity.leaf('elastic-width', 'Elastic width', sheet.elastic.width, 'mm', 'elastic');
}

/** The greatest girth an elastic ring opens to, mm. */
export function elasticOpensTo(sheet: Worksheet, finished: Quantity): Quantity {
  return finished.times(sheet.greatestStretch());
}
