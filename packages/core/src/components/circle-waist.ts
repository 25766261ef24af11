import { elasticComfort, elasticStretch } from '../checks/elastic-checks.ts';
import { passesOver } from '../checks/passes-over.ts';
import { elasticLengths, elasticOpensTo } from '../joins/elastic-lengths.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { finishStep, seamStep, threadElasticStep } from '../make/common-steps.ts';
import { Quantity } from '../quantity/quantity.ts';
import { clothBand, tubeBand } from './band.ts';
import { zippedBand } from './zip.ts';

/** Band or casing, elastic, and whether one gets in. */
export function circleWaist(
  sheet: Worksheet,
  { closure, waist, hip, seamGirth }: { closure: string; waist: Quantity; hip: Quantity; seamGirth: Quantity },
): void {
  const stretch = Quantity.leaf('stretch-across', 'Stretch across the cloth', sheet.cloth.stretchAcross, 'ratio', 'cloth');
  const clothOpens = seamGirth.times(Quantity.constant(1, 'ratio').plus(stretch));
  const over = { id: 'passes-over-hip' as const, what: 'the hips', girth: hip };
  const zipOut = { says: 'Put in a zip', choices: { closure: 'zip' } };
  const pullOnOut = { says: 'Make it wide enough for the hips and draw it in with elastic', choices: { closure: 'pull-on' } };

  if (closure === 'pull-on') {
    tubeBand(sheet, seamGirth);
    const { finished, cut } = elasticLengths(sheet, waist);
    const needed = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
    sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
    const opening = Quantity.smaller(clothOpens, elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
    const longer = { says: 'Cut the elastic as long as the body', choices: { elasticSchool: 'body' } };
    sheet.check(
      passesOver(sheet, {
        ...over,
        opening,
        by: 'the waist',
        waysOut: [{ says: 'More room over the hips', choices: { pullOnEase: 50 } }, longer, zipOut],
      }),
    );
    sheet.check(elasticStretch(sheet, needed, [longer, zipOut]));
    sheet.check(elasticComfort(sheet, finished, waist));
    sheet.shopping.push({
      id: 'elastic',
      what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide`,
      amount: sheet.show(cut),
      length: cut.value,
    });
    return;
  }
  if (closure === 'zip') return zippedBand(sheet, seamGirth, { waysOut: [pullOnOut] });
  sheet.put('finished-girth', 'Finished waist', 'nearest', seamGirth);
  clothBand(sheet, seamGirth);
  const needed = sheet.put('stretch-needed', 'Stretch needed at the waist', 'up', hip.over(seamGirth).minus(1));
  sheet.check(
    passesOver(sheet, {
      ...over,
      opening: clothOpens.named('opening', 'Opens to', 'down'),
      by: 'the waist',
      waysOut: [zipOut, pullOnOut, { says: `Use a knit that stretches by ${Math.ceil(needed.value * 100)} % or more` }],
    }),
  );
}

/** The band sewn to a round hole, its seam finished, its elastic threaded. */
export function circleWaistSteps(sheet: Worksheet, closure: string, seamGirth: Quantity): void {
  const tube = closure === 'pull-on';
  seamStep(
    sheet,
    {
      id: 'band',
      title: tube ? 'Sew on the tube band' : 'Sew on the band',
      how: tube
        ? 'Close the band to a ring leaving a gap of 3 cm on the inside for the elastic. Quarter band and waist, match, sew.'
        : 'Quarter band and waist, match the snips, sew; fold the band over and stitch it down.',
      setUp: 20,
    },
    seamGirth.times(2),
  );
  finishStep(sheet, 'finish-waist', 'Finish the waist seam', seamGirth);
  if (tube) threadElasticStep(sheet, sheet.quantity('elastic-cut'));
}
