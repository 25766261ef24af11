import { longEdges, partSeams } from '../joins/band.ts';
import { trimCloth } from '../joins/bind.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { along, copiesOf, part, splitRun } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { stripPiece } from './strips.ts';

export interface TieBandOptions {
  prefix?: string;
  /** The edge it holds, from end to end, and what that is gathered to where it is longer, mm. */
  edge: Span[];
  held: Quantity;
  /** Each tie beyond the edge, and the finished height; mm. */
  tie: Quantity;
  height: Quantity;
  title: string;
  how?: string;
}

/**
 * A doubled band that holds an edge in its middle and runs on into a tie on each side:
 *
 *     ═════════╤══════════╤═════════   folded, its ends and ties sewn shut
 *              │ the edge │
 */
export function tieBand(sheet: Worksheet, { prefix = 'band', edge, held, tie, height, title, how }: TieBandOptions): Join {
  const seams = sheet.number('seam').times(2);
  const cutLength = sheet.put(`${prefix}-cut-length`, 'Band with its ties, length to cut', 'up', held.plus(tie.times(2)).plus(seams));
  const cutWidth = sheet.put(`${prefix}-cut-width`, 'Band, width to cut', 'up', height.times(2).plus(seams));
  const band = stripPiece(sheet, {
    id: prefix,
    name: 'Band with ties',
    cutLength,
    cutWidth,
    cloth: trimCloth(sheet),
    quantityIds: [cutLength.id!, cutWidth.id!],
  });
  const parts = copiesOf(band);
  const joints = partSeams(band, prefix, false);
  if (joints.length > 0)
    plain(sheet, {
      step: `${prefix}-parts`,
      edges: 'the short ends of the band',
      title: 'Join the parts of the band',
      seams: joints,
      press: 'open',
      short: true,
    });
  const [lower, upper] = longEdges(band).map((run) => {
    const [before, rest] = splitRun(sheet, run, tie.value);
    const [middle, after] = splitRun(sheet, rest, held.value);
    return { before, middle, after };
  });
  const [first, last] = [along(parts.slice(0, 1), 'side-left')[0]!, along(parts.slice(-1), 'side-right')[0]!];
  const shut = (id: string, layers: Span[][]) => addJoin(sheet, { id: `${prefix}-${id}`, how: 'plain', layers, step: prefix });
  const ties = [
    shut('tie-1', [lower!.before, upper!.before]),
    shut('tie-2', [lower!.after, upper!.after]),
    ...([first, last] as const).map((span, i) => shut(`end-${i + 1}`, [[part(span, 0, 0.5)], [{ ...part(span, 0.5, 1), back: true }]])),
  ];
  const join = addJoin(sheet, {
    id: prefix,
    how: 'band',
    layers: [edge, lower!.middle, upper!.middle],
    step: prefix,
    heldTo: held,
    notches: [{ share: 0.5 }],
  });
  sewStep(sheet, {
    id: prefix,
    title,
    sews: [...ties, join],
    seam: join.length.times(2).plus(tie.times(2)),
    section: 'band',
    handling: [['band', 0.5]],
    how: [
      `Press the band in half lengthwise, right side out; open it and press ${sheet.showLength(sheet.number('seam').value)} of one long edge to the wrong side. Mark its middle and ${sheet.show(held)} round it: there the edge goes, the rest are the ties.`,
      `Sew the other long edge on, right sides together, middles matched. Fold each tie right sides together, sew along it and across its end up to the edge; clip the corners and turn it. Lay the pressed edge just over the stitching inside and stitch it down from the right side.`,
      ...(how ? [how] : []),
    ].join(' '),
    ...(sheet.wearer === 'adult' ? {} : { caution: 'For a child: short ties, tied behind; none at the neck.' }),
  });
  return join;
}
