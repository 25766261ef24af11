// Longer than 250 lines: one table of all folds and seams, so that they are drawn alike.
import type { GatherBy, SectionKind } from '../make/step.ts';
import type { Point } from '../geometry/point.ts';
import type { Drawing, DrawnLine, DrawnText, LineRole } from './drawing.ts';

/** What a section is drawn from, mm, and how a length reads. */
export interface SectionMeasures {
  seam: number;
  hem: number;
  elastic: number;
  band: number;
  lined: boolean;
  gatherBy: GatherBy;
  show(mm: number): string;
}

/** Room between two layers, mm: drawn apart so that one can tell them. */
const GAP = 4.5;
/** How much of the garment is drawn below or beside the seam, mm. */
const FAR = 36;

type Draw = (m: SectionMeasures) => { lines: DrawnLine[]; texts: DrawnText[]; words: string };

const line = (role: LineRole, ...points: Point[]): DrawnLine => ({ role, points });
const text = (says: string, x: number, y: number, anchor: DrawnText['anchor'] = 'start'): DrawnText => ({ says, at: [x, y], anchor });
/** A needle going through. */
const stitch = (...points: Point[]): DrawnLine => line('stitch', ...points);

/** Two pieces end to end, seen from their edge: right side above. */
const seamOpen: Draw = ({ seam, show }) => ({
  lines: [
    line('cloth', [-FAR, 0], [-0.6, 0], [-0.6, -GAP], [-seam, -GAP]),
    line('other-cloth', [FAR, 0], [0.6, 0], [0.6, -GAP], [seam, -GAP]),
    stitch([-2.5, -1.2], [2.5, -1.2]),
  ],
  texts: [text('right side', -FAR, 5), text(`${show(seam)} each, pressed open`, 0, -GAP - 8, 'middle')],
  words: `The two edges lie right sides together while they are sewn; afterwards their allowances of ${show(seam)} are pressed apart on the wrong side.`,
});

const seamClosed: Draw = ({ seam, show }) => ({
  lines: [
    line('cloth', [-FAR, 0], [-0.6, 0], [-0.6, -GAP], [-seam, -GAP]),
    line('other-cloth', [FAR, 0], [0.6, 0], [0.6, -2 * GAP], [-seam, -2 * GAP]),
    stitch([-2.5, -1.2], [2.5, -1.2]),
  ],
  texts: [text('right side', -FAR, 5), text(`both allowances, ${show(seam)}, to one side`, -seam / 2, -2 * GAP - 8, 'middle')],
  words: `The allowances of ${show(seam)} are pressed to one side together, on the wrong side.`,
});

const hemDouble: Draw = ({ hem, show }) => {
  const half = hem / 2;
  return {
    lines: [
      line('cloth', [0, FAR], [0, 0], [-2 * GAP, 0], [-2 * GAP, half], [-GAP, half], [-GAP, 1.5]),
      stitch([-2 * GAP - 2, half - 1.5], [2, half - 1.5]),
    ],
    texts: [
      text('right side', 5, FAR - 4),
      text(`stitch close to the inner fold`, 5, half - 2.5),
      text(`${show(half)}, then ${show(half)} again`, 5, 2),
    ],
    words: `The edge is turned ${show(half)} to the wrong side and ${show(half)} again, so that the raw edge lies inside, and stitched close to the inner fold.`,
  };
};

const hemSingle: Draw = ({ hem, show }) => ({
  lines: [line('cloth', [0, FAR], [0, 0], [-GAP, 0], [-GAP, hem]), stitch([-GAP - 2, hem - 3], [2, hem - 3])],
  texts: [text('right side', 5, FAR - 4), text(`${show(hem)} turned up once`, 5, 2), text('zigzag', 5, hem - 4)],
  words: `The edge is turned ${show(hem)} to the wrong side once and zigzagged from the right side.`,
});

const casing =
  (threaded: boolean): Draw =>
  ({ elastic, show, lined }) => {
    const [deep, under] = [elastic + 5, 10];
    return {
      lines: [
        line('cloth', [0, -FAR - deep / 2], [0, 0], [-2.4 * GAP, 0], [-2.4 * GAP, -deep], [-1.5 * GAP, -deep], [-1.5 * GAP, -deep + under]),
        ...(lined ? [line('lining', [-0.7 * GAP, -FAR - deep / 2], [-0.7 * GAP, -deep + 6])] : []),
        ...(threaded ? [line('elastic', [-0.8 * GAP, -2], [-0.8 * GAP, -2 - elastic])] : []),
        stitch([-2.4 * GAP - 2, -deep + 1.8], [2, -deep + 1.8]),
      ],
      texts: [
        text('fold', 5, -2),
        text('right side', 5, -FAR),
        text(`channel, ${show(deep)}`, 5, -deep / 2 - 2),
        text(`${show(under)} turned under`, 5, -deep - 2),
      ],
      words: `The top edge is turned under ${show(under)} and folded over ${show(deep)} to the inside; it is stitched close to the lower fold${threaded ? ', and the elastic lies in the channel' : ''}.${lined ? ' The lining’s edge is caught under that stitching.' : ''}`,
    };
  };

const band: Draw = ({ seam, band: high, show, lined }) => ({
  lines: [
    line('cloth', [0, -FAR], [0, seam - 2]),
    ...(lined ? [line('lining', [-0.8 * GAP, -FAR], [-0.8 * GAP, seam - 4])] : []),
    line(
      'other-cloth',
      [0.8 * GAP, seam],
      [0.8 * GAP, 0],
      [1.7 * GAP, 0],
      [1.7 * GAP, high],
      [-2.2 * GAP, high],
      [-2.2 * GAP, -2],
      [-1.5 * GAP, -2],
      [-1.5 * GAP, seam - 1],
    ),
    stitch([-GAP, 0.5], [1.3 * GAP, 0.5]),
    stitch([-2.2 * GAP - 2, -1], [3, -1]),
  ],
  texts: [
    text('fold of the band', 9, high - 2),
    text(`${show(high)} high`, 9, high / 2 - 2),
    text('waist seam', 9, -3),
    text('garment, right side', 9, -FAR + 4),
    text('inside', -10, high / 2 - 2, 'end'),
  ],
  words: `The band is folded over the waist edge: its outer half is sewn to the right side, its inner edge, pressed under, is caught just over that seam on the inside. All raw edges lie inside the band.`,
});

const tubeBand: Draw = ({ seam, elastic, show }) => {
  const high = elastic + 5;
  return {
    lines: [
      line('cloth', [0, -FAR], [0, 0], [-GAP, 0], [-GAP, -seam]),
      line(
        'other-cloth',
        [-2.8 * GAP, -seam],
        [-2.8 * GAP, 1],
        [-1.6 * GAP, 1.5],
        [-1.6 * GAP, high],
        [GAP, high],
        [GAP, 1.5],
        [-1.9 * GAP, 0.5],
        [-1.9 * GAP, -seam],
      ),
      line('elastic', [-0.3 * GAP, 3], [-0.3 * GAP, 3 + elastic]),
      stitch([-3.4 * GAP, -1.5], [1.5, -1.5]),
    ],
    texts: [text(`band, ${show(high)} high`, 8, high / 2 - 2), text('waist seam, allowances down', 8, -4), text('garment, right side', 8, -FAR + 4)],
    words: `The band is folded lengthwise; both its raw edges are sewn to the waist edge in one seam, whose allowances are pressed down. The elastic lies in the fold.`,
  };
};

const binding: Draw = ({ show }) => ({
  lines: [
    line('cloth', [0, -FAR], [0, 0]),
    line('other-cloth', [GAP, -3], [GAP, -12.5], [2 * GAP, -12.5], [2 * GAP, 2.5], [-2 * GAP, 2.5], [-2 * GAP, -12.5], [-GAP, -12.5], [-GAP, -3]),
    stitch([-2.6 * GAP, -11], [2.6 * GAP, -11]),
  ],
  texts: [text('raw edge', 11, -1), text(`binding, ${show(12.5)} wide, in four layers`, 11, -8), text('garment', 11, -FAR + 4)],
  words: 'The strip is folded to four; the raw edge lies between its halves, and one line of stitches holds both.',
});

const zip: Draw = ({ seam, show }) => ({
  lines: [
    line('cloth', [-FAR, 0], [-0.8, 0], [-0.8, -GAP], [-seam, -GAP]),
    line('other-cloth', [FAR, 0], [0.8, 0], [0.8, -GAP], [seam, -GAP]),
    line('zip', [-15, -2.2 * GAP], [15, -2.2 * GAP]),
    line('zip', [-2, -1.7 * GAP], [2, -1.7 * GAP]),
    stitch([-6, 2], [-6, -3 * GAP]),
    stitch([6, 2], [6, -3 * GAP]),
  ],
  texts: [
    text('right side', -FAR, 5),
    text(`stitched ${show(6)} from the middle`, 4, 9),
    text('teeth under the closed fold', 0, -3 * GAP - 8, 'middle'),
  ],
  words: `The two folded edges meet over the middle of the zip, whose teeth lie under them; it is stitched ${show(6)} from the middle on both sides.`,
});

const gather: Draw = ({ seam, gatherBy, show }) => {
  const waves: Point[] = Array.from({ length: 49 }, (_, i) => [-FAR + i * (FAR / 48) * 1.0, Math.sin(i * 1.05) * 2.4]);
  const [at, rows, words] = GATHERED_BY[gatherBy](seam, show);
  return {
    lines: [
      line('cloth', ...waves),
      line('other-cloth', [-FAR, -6], [0, -6]),
      ...at.map((x) => line('gathering', [-x, 5], [-x, -4])),
      stitch([-seam, 7], [-seam, -9]),
    ],
    texts: [text('gathered layer on top', -FAR, 11), text(rows, 6, 2), text(`seam ${show(seam)} from the edge`, 6, -8)],
    words: `The gathered layer lies on top. ${words}; the seam runs ${show(seam)} from the raw edge.`,
  };
};

/** Where the gathering lies in the allowance, from the raw edge; what is said of it, short and in a sentence. */
const GATHERED_BY: Record<GatherBy, (seam: number, show: SectionMeasures['show']) => [number[], string, string]> = {
  thread: (seam, show) => [
    [seam / 3, (2 * seam) / 3],
    `rows ${show(seam / 3)} and ${show((2 * seam) / 3)} from the edge`,
    `Two gathering rows run inside the allowance, ${show(seam / 3)} and ${show((2 * seam) / 3)} from the raw edge`,
  ],
  overlocker: () => [[2, 4], 'overlocked along the edge', 'The overlocker has gathered and finished its raw edge in one pass'],
  cord: (seam, show) => [
    [seam / 2],
    `cord ${show(seam / 2)} from the edge`,
    `The cord runs inside the allowance, ${show(seam / 2)} from the raw edge, under a zigzag that does not catch it`,
  ],
};

const elasticOn: Draw = ({ elastic }) => ({
  lines: [line('cloth', [0, -FAR], [0, 0]), line('elastic', [GAP, -7], [GAP, elastic - 7]), stitch([-2, -4], [GAP + 2, -4])],
  texts: [text('elastic, stretched while sewn', 9, elastic / 2 - 7), text('zigzag', 9, -6), text('garment, right side', 9, -FAR + 4)],
  words: 'The lower edge of the elastic lies on the raw edge, on the right side, and is zigzagged on while it is stretched.',
});

const elasticIn: Draw = ({ elastic, show }) => ({
  lines: [
    line('cloth', [0, -FAR], [0, 0], [-2 * GAP, 0], [-2 * GAP, -elastic - 5]),
    line('elastic', [-GAP, -3], [-GAP, -3 - elastic]),
    stitch([-2 * GAP - 2, -elastic - 1], [2, -elastic - 1]),
  ],
  texts: [text('fold line', 5, -2), text(`${show(elastic + 5)} turned in over the elastic`, 5, -elastic / 2 - 3), text('right side', 5, -FAR + 2)],
  words: `The elastic is zigzagged to the wrong side of what is turned in, ${show(elastic + 5)} in all; turned in on the fold line, it lies between the layers and is caught down once more.`,
});

const elasticInside: Draw = ({ elastic }) => ({
  lines: [line('cloth', [0, -FAR], [0, elastic / 2 + 14]), line('elastic', [-GAP, -elastic / 2], [-GAP, elastic / 2]), stitch([-GAP - 3, 0], [3, 0])],
  texts: [
    text('elastic inside, stretched while sewn', -GAP - 4, elastic / 2 + 4, 'end'),
    text('zigzag', 6, -2),
    text('garment, right side', 6, -FAR + 4),
  ],
  words: 'The elastic lies on the wrong side, on the chalked line, and is zigzagged on while it is stretched.',
});

const elasticOverSeam: Draw = ({ seam, elastic, show }) => ({
  lines: [
    line('cloth', [-FAR, 0], [0, 0]),
    line('other-cloth', [-FAR, -GAP], [0, -GAP]),
    line('elastic', [-seam - 2, GAP], [-seam - 2 + elastic, GAP]),
    stitch([-seam, GAP + 4], [-seam, -GAP - 4]),
  ],
  texts: [
    text('elastic on top, stretched while sewn', -FAR, GAP + 8),
    text(`zigzag ${show(seam)} from the raw edges`, -seam + 4, -GAP - 10),
    text('wrong side', -FAR, -GAP - 5),
  ],
  words: `The two layers lie right sides together, raw edges level; the elastic lies on top over the allowances, its edge just over the seam line. One zigzag, ${show(seam)} from the raw edges, goes through all three.`,
});

const strapEnd: Draw = () => ({
  lines: [
    line('cloth', [0, -FAR], [0, 12]),
    line('other-cloth', [-GAP, -12], [-GAP, 34]),
    stitch([-GAP - 3, -2], [3, -2]),
    stitch([-GAP - 3, -10], [3, -10]),
  ],
  texts: [text('goes up over the shoulder', 6, 26), text('a small square of stitches', 6, -7), text('garment, right side', 6, -FAR + 4)],
  words: 'The end lies on the wrong side of the garment and is sewn down in a small square; from there it goes up over the shoulder.',
});

const laidOn: Draw = ({ seam, show }) => ({
  lines: [line('cloth', [-FAR, 0], [FAR, 0]), line('other-cloth', [-30, GAP], [seam, GAP]), stitch([0, 3 * GAP], [0, -GAP])],
  texts: [
    text('right side down', -30, 2 * GAP + 3),
    text(`raw edge ${show(seam)} beyond the line`, 4, 2 * GAP + 3),
    text('right side of the garment', -FAR, -9),
  ],
  words: `The piece lies right side down on the right side of the garment, its raw edge ${show(seam)} beyond the line. Stitched along the line it falls down over its own raw edge.`,
});

const facing: Draw = () => ({
  lines: [
    line('cloth', [-FAR, 0], [-1, 0]),
    line('cloth', [FAR, 0], [1, 0]),
    line('other-cloth', [-34, -GAP], [-1, -GAP], [-1, 0]),
    line('other-cloth', [34, -GAP], [1, -GAP], [1, 0]),
    stitch([-5, 2], [-5, -GAP - 2]),
    stitch([5, 2], [5, -GAP - 2]),
  ],
  texts: [text('right side', -FAR, 5), text('slit', 0, 7, 'middle'), text('facing, turned inside', 0, -GAP - 9, 'middle')],
  words: 'The facing is sewn round the slit on the right side, then turned through it to the inside, so that no raw edge is left.',
});

const patch: Draw = ({ seam, show }) => ({
  lines: [
    line('cloth', [-FAR, 0], [FAR, 0]),
    line('other-cloth', [-28 + seam, GAP], [-28, GAP], [-28, 2 * GAP], [28, 2 * GAP], [28, GAP], [28 - seam, GAP]),
    stitch([-25, 3 * GAP], [-25, -2]),
    stitch([25, 3 * GAP], [25, -2]),
  ],
  texts: [
    text(`edges turned under by ${show(seam)}, stitched close to the fold`, 0, 3 * GAP + 4, 'middle'),
    text('right side of the garment', -FAR, -9),
  ],
  words: `The edges are turned under by ${show(seam)} and the piece is stitched on close to its folds.`,
});

/** A fold sewn shut on the wrong side, the cloth going on on both sides of it. */
const foldSewn =
  (said: string, words: string): Draw =>
  () => ({
    lines: [line('cloth', [-FAR, 0], [-0.6, 0], [-0.6, -16], [0.6, -16], [0.6, 0], [FAR, 0]), stitch([-3, -1.2], [3, -1.2])],
    texts: [text('right side', -FAR, 5), text(said, 6, -12)],
    words,
  });

const shirring: Draw = ({ show }) => {
  const waves: Point[] = Array.from({ length: 61 }, (_, i) => [-FAR + i * (FAR / 30), Math.sin(i * 0.9) * 3]);
  return {
    lines: [
      line('cloth', ...waves),
      ...[-26, -12, 2, 16, 30].flatMap((x) => [stitch([x, 6], [x, -5]), line('elastic', [x - 1.5, -6.5], [x + 1.5, -6.5])]),
    ],
    texts: [text('right side, ordinary thread', -FAR, 10), text(`elastic thread below, row beside row`, -FAR, -14)],
    words: `The ordinary thread lies on the right side, the elastic thread from the bobbin on the wrong side; each row draws the cloth in. The rows are sewn side by side, ${show(10)} or a foot’s width apart.`,
  };
};

const strap: Draw = ({ show }) => ({
  lines: [line('cloth', [-6, -1], [-12, -1], [-12, GAP + 1], [12, GAP + 1], [12, -1], [6, -1]), stitch([-10, GAP + 4], [-10, -4])],
  texts: [text('fold', 15, GAP - 2), text(`${show(6)} inside along the seam`, 0, -10, 'middle')],
  words: `The strap is folded lengthwise, right sides together, sewn ${show(6)} from the edges and turned: the seam lies inside along one edge.`,
});

const collar: Draw = ({ seam, show }) => ({
  lines: [
    line('cloth', [0, -FAR], [0, 0], [-GAP, 0], [-GAP, -seam]),
    line('other-cloth', [-2.4 * GAP, -seam], [-2.4 * GAP, 1], [-1.4 * GAP, 1.5], [-1.4 * GAP, 26], [1.4 * GAP, 26], [1.4 * GAP, -10]),
    stitch([-3 * GAP, -1.5], [2, -1.5]),
  ],
  texts: [text('rolled over, it hides the seam', 11, 8), text('neck seam, allowances down', 11, -4), text('garment, right side', 11, -FAR + 4)],
  words: `The collar is folded lengthwise; both its raw edges are sewn to the neck edge in one seam of ${show(seam)}. Rolled over to the outside it covers that seam.`,
});

const SECTIONS: Record<SectionKind, Draw> = {
  seam: seamClosed,
  'seam-open': seamOpen,
  'hem-double': hemDouble,
  'hem-single': hemSingle,
  casing: casing(false),
  'casing-threaded': casing(true),
  band,
  'tube-band': tubeBand,
  binding,
  zip,
  gather,
  'elastic-on': elasticOn,
  'elastic-in': elasticIn,
  'elastic-inside': elasticInside,
  'elastic-over-seam': elasticOverSeam,
  facing,
  shirr: shirring,
  strap,
  'strap-end': strapEnd,
  'laid-on': laidOn,
  dart: foldSewn(
    'fold, pressed downwards',
    'The cloth is folded right sides together and sewn from the side to a point; the fold lies on the wrong side, pressed downwards.',
  ),
  tuck: foldSewn(
    'fold, pressed towards the waist',
    'The cloth is folded right sides together and sewn beside the fold all round; the tuck lies on the wrong side, pressed towards the waist.',
  ),
  collar,
  patch,
};

/** A fold or seam seen from its end, layer by layer, drawn apart; allowances to scale, mm. */
export const sectionDrawing = (kind: SectionKind, measures: SectionMeasures): Drawing => SECTIONS[kind](measures);
