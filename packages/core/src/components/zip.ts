import type { WayOut } from '../checks/check.ts';
import { passesOver } from '../checks/passes-over.ts';
import { seamStep } from '../make/common-steps.ts';
import type { Step } from '../make/step.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { fittedBand } from './band.ts';

/** A zip reaches the hip line (handbook 6: 18-20 cm, common practice), mm. */
const ZIP = 200;

/**
 * A fitted band that opens with a zip: band, zip, what to buy, and whether the hips get through its doubled length. `worn` is the girth
 * of the band; `zip` its length where the hip line was measured; mm.
 */
export function zippedBand(sheet: Worksheet, worn: Quantity, { zip, waysOut }: { zip?: Quantity; waysOut: WayOut[] }): void {
  fittedBand(sheet, worn);
  const long = sheet.put('zip-length', 'Zip', 'up', zip ?? Quantity.constant(ZIP * sheet.scale, 'mm', undefined, 'to the hip line, common practice'));
  const opening = worn.plus(long.times(2)).named('opening', 'Opens to', 'down');
  const girth = sheet.measure('hip-girth');
  sheet.check(passesOver(sheet, { id: 'passes-over-hip', what: 'the hips', girth, opening, by: 'the band with its zip', waysOut }));
  sheet.put('finished-girth', 'Finished waist', 'nearest', worn);
  const band = sheet.quantity('band-cut-length');
  sheet.shopping.push(
    { id: 'zip', what: 'Zip', amount: sheet.show(long), length: long.value },
    { id: 'interfacing', what: 'Interfacing for the band', amount: sheet.show(band), length: band.value },
  );
}

/** Putting in the zip; `own` says what is different here. */
export function zipStep(sheet: Worksheet, own: Partial<Pick<Step, 'title' | 'how' | 'setUp'>> = {}): void {
  seamStep(
    sheet,
    {
      id: 'zip',
      title: 'Put in the zip',
      how: 'Baste, then stitch from the bottom up on both sides with the zip foot.',
      foot: 'zip foot',
      stitch: '301',
      stitchLength: 2.5,
      stitchWidth: 0,
      setUp: 20,
      ...own,
    },
    sheet.quantity('zip-length').times(2),
  );
}
