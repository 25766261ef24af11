import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Join } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { sewStep } from './stitching.ts';

/** A bobbin of elastic thread is wound by hand, loosely (handbook 8). */
const WINDING = 'bobbin-winding';
/** The strip that is shirred to try it, mm and inches (handbook 8: the person's own swatch). */
const STRIP = 300;
const STRIP_INCHES = 12;

export interface ShirrOptions {
  id: string;
  onto: Piece;
  rows: Quantity;
  /** Length of one row as it is sewn, flat, mm. */
  rowLength: Quantity;
  /** Pieces it is sewn on, one after the other; 1 where the rows run all round. */
  times: number;
  spacing: Quantity;
  /** Rows one bobbin lasts, and bobbins for all of it. */
  rowsPerBobbin: Quantity;
  bobbins: Quantity;
  /** What a piece comes down to, before and after steam, mm. */
  before: Quantity;
  after: Quantity;
  title: string;
  /** Where the first row runs: "20 mm below the top edge". */
  from: string;
  /** What is special here. */
  how?: string | undefined;
  why: string;
}

/**
 * Rows of elastic thread inside a piece, wound on the bobbin; the ordinary thread is above:
 *
 *     ≋≋≋≋≋≋≋≋≋  row 1, on a drawn line
 *     ≋≋≋≋≋≋≋≋≋  the others a foot's width on
 */
export function shirr(sheet: Worksheet, options: ShirrOptions): Join {
  const { id, onto, rows, rowLength, times, spacing, rowsPerBobbin, bobbins, before, after, title, from, how, why } = options;
  const join = addJoin(sheet, { id, how: 'shirr', layers: [], onto: onto.id, long: rowLength, rows: rows.value, step: id });
  const metres = rowLength.times(rows).times(times).over(Quantity.constant(1000, 'mm'));
  const each = times > 1 ? ' each' : '';
  const share = after.over(before).value / sheet.number('takeUp').value;
  const byHand = sheet.oneOf('machine') === 'hands';
  const strip = `Try it on a strip first: six rows on ${sheet.about(STRIP, STRIP_INCHES)}, steamed, should come out about ${sheet.about(STRIP * share, STRIP_INCHES * share)} long. If yours differs, put your own take-up into Shape: whether it holds depends on it.`;
  const machine = [
    strip,
    `Wind ${bobbins.value} ${bobbins.value === 1 ? 'bobbin' : 'bobbins'} of elastic thread by hand, loosely, without pulling it (about ${Math.ceil(bobbins.value * sheet.minutes(WINDING).value)} minutes); ordinary thread stays above. Right side up, so that the elastic lies below.`,
    `Chalk the first row ${from} and sew along it; sew the others ${sheet.show(spacing)} apart by the edge of the foot: ${rows.value} rows${each}, ${sheet.show(rowLength)} long. From the second row hold the cloth stretched flat in front of the needle. Backstitch at the ends; at the end of a row pivot, sew across to the next and go back without cutting.`,
    ...(how ? [how] : []),
    changeSays(rows.value, times, rowsPerBobbin.value),
    `Little happens in the first two or three rows: do not judge before. Sewn, ${times > 1 ? 'a piece is' : 'it is'} about ${sheet.show(before)}. Hold the steam iron over it without touching: it draws in to about ${sheet.show(after)}. Measure before and after and write both down.`,
  ];
  // without a machine the elastic goes through the eye of the needle (common practice, no source)
  const hand = [
    strip,
    `Chalk ${rows.value} rows${each}, the first ${from}, the others ${sheet.show(spacing)} apart, ${sheet.show(rowLength)} long.`,
    `Thread a hand needle with elastic thread, a knot at its end. Right side up, sew running stitches of ${sheet.about(4, 0.125)} along a row; at its end draw the elastic until the row is ${sheet.show(before)} long, spread the gathers, and knot it twice. Then the next row.`,
    ...(how ? [how] : []),
    `When all are sewn hold the steam iron over them without touching: they draw in to about ${sheet.show(after)}. Measure before and after and write both down.`,
  ];
  sewStep(sheet, {
    id,
    title,
    sews: [join],
    seam: rowLength.times(rows).times(times),
    ...(byHand
      ? { stitch: 'running' as const, stitchLength: undefined, stitchWidth: undefined, pace: sheet.figure('pace-hand').value }
      : {
          stitch: '301' as const,
          section: 'shirr' as const,
          stitchLength: 3.5,
          stitchWidth: 0,
          bobbins: { rows: rows.value, times, rowsPerBobbin: rowsPerBobbin.value, changeBefore: changesIn(rows.value * times, rowsPerBobbin.value) },
        }),
    handling: [['shirr'], ['shirr-row', metres.value], ...(byHand ? [] : [[WINDING, bobbins.value] as const])],
    how: (byHand ? hand : machine).join(' '),
    why,
    caution: 'Sit upright and take a break every few rows. Elastic thread holds rubber: mind a latex allergy. Keep hands out of the steam.',
  });
  sheet.shopping.push({
    id: `${id}-thread`,
    what: byHand ? 'Elastic thread for shirring' : `Elastic thread for shirring, ${bobbins.value} ${bobbins.value === 1 ? 'bobbin' : 'bobbins'}`,
    amount: sheet.show(rowLength.times(rows).times(times).named(`${id}-elastic-thread`, 'Elastic thread', 'up')),
    length: rowLength.value * rows.value * times,
  });
  return join;
}

/** The rows, counted through all pieces, before which a fresh bobbin goes in. */
export function changesIn(rows: number, perBobbin: number): number[] {
  const changes: number[] = [];
  for (let row = perBobbin + 1; row <= rows; row += perBobbin) changes.push(row);
  return changes;
}

/** Which row of which piece comes after a change, in words. */
function changeSays(rows: number, times: number, perBobbin: number): string {
  const changes = changesIn(rows * times, perBobbin);
  const lasts = `A bobbin lasts ${perBobbin} ${perBobbin === 1 ? 'row' : 'rows'}`;
  if (changes.length === 0) return `${lasts}: one is enough.`;
  const said = changes.slice(0, 12).map((row) => {
    const [piece, inPiece] = [Math.floor((row - 1) / rows) + 1, ((row - 1) % rows) + 1];
    return times > 1 ? `row ${inPiece} of piece ${piece}` : `row ${inPiece}`;
  });
  return `${lasts}. Put in a fresh one BEFORE ${said.join(', ')}${changes.length > 12 ? ' and so on' : ''}, never inside a row.`;
}
