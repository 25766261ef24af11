/** How a figure is counted: mm, a plain ratio, minutes, mm a minute, minutes a metre. */
export type FigureUnit = 'mm' | 'ratio' | 'min' | 'mm a min' | 'min a m';

/** A number of the trade that a maker's own experience can better. */
export interface Figure {
  label: string;
  value: number;
  unit: FigureUnit;
  /** Where the default comes from. */
  source: string;
}

const PRACTICE = 'common practice';
const MEMORY = 'sewing-thread consumption tables, from memory';

const figure = (label: string, value: number, unit: FigureUnit, source = PRACTICE): Figure => ({ label, value, unit, source });

/** Minutes for a beginner and a practised hand, seam length apart (handbook 13a). */
const times = (id: string, label: string, beginner: number, practised: number, unit: FigureUnit = 'min') => ({
  [`${id}-beginner`]: figure(`${label}, taking it slowly`, beginner, unit),
  [`${id}-practised`]: figure(`${label}, practised`, practised, unit),
});

/**
 * Every default a plan reckons with that somebody's own swatches and logs may replace. A request gives its own by id (`figures`).
 */
export const FIGURES: Readonly<Record<string, Figure>> = {
  ...times('pace', 'Seam sewn a minute', 500, 1500, 'mm a min'),
  ...times('wash', 'Washing and pressing the cloth', 20, 20),
  ...times('test', 'Testing stitches on a scrap', 15, 8),
  ...times('chalk', 'Chalking a piece', 12, 6),
  ...times('cut', 'Cutting a piece', 8, 4),
  ...times('seam', 'Pinning and pressing a seam', 5, 2),
  ...times('stay', 'Stay-stitching', 4, 2),
  ...times('finish', 'Finishing edges, setting up', 5, 2),
  ...times('gather', 'Gathering', 12, 5, 'min a m'),
  ...times('zip', 'A zip', 50, 20),
  ...times('band', 'A fitted band', 60, 25),
  ...times('tube-band', 'A tube band', 25, 12),
  ...times('casing', 'A casing and its elastic', 35, 15),
  ...times('elastic', 'Elastic sewn on stretched', 30, 14),
  ...times('hem', 'A straight hem, setting up', 10, 5),
  ...times('hem-straight', 'A straight hem, pressed and pinned', 8, 3, 'min a m'),
  ...times('hem-curved', 'A narrow hem on a curve', 15, 6, 'min a m'),
  ...times('bind', 'Binding, made and sewn', 15, 6, 'min a m'),
  ...times('lining', 'Setting in a lining', 25, 10),
  ...times('facing', 'Facing a slit', 25, 12),
  ...times('pocket', 'A patch pocket', 20, 8),
  ...times('godet', 'Setting in a godet', 15, 7),
  ...times('shirr', 'Shirring, setting up and trying', 20, 10),
  ...times('shirr-row', 'Shirring, sewn held flat', 3, 1.5, 'min a m'),
  ...times('bobbin-winding', 'Winding a bobbin of elastic thread by hand', 3, 3),
  ...times('strap', 'A strap, made and turned', 15, 7),
  ...times('neck', 'A bound neck', 40, 20),
  ...times('sleeve', 'A set-in sleeve', 45, 20),
  ...times('bodice-lining', 'A bodice lining', 60, 30),
  ...times('dart', 'A dart', 10, 5),
  ...times('loop', 'A loop and its button', 15, 8),
  ...times('fit', 'Trying on and marking', 20, 10),
  ...times('level', 'Levelling the hem with a helper', 25, 15),
  ...times('hang', 'Hanging it up', 2, 2),
  ...times('crinkle', 'Washing, wringing and tying', 15, 15),
  ...times('press', 'The last pressing', 12, 7),
  'thread-301': figure('Thread for a straight stitch', 2.5, 'ratio', MEMORY),
  'thread-304': figure('Thread for a zigzag', 7, 'ratio', MEMORY),
  'thread-504': figure('Thread for a three-thread overlock', 14, 'ratio', MEMORY),
  'thread-514': figure('Thread for a four-thread overlock', 18, 'ratio', MEMORY),
  'thread-hand': figure('Thread for backstitch and diagonal stitches by hand', 4, 'ratio'),
  'thread-running': figure('Thread for running stitches', 1.5, 'ratio'),
  'thread-overcast': figure('Thread for overcasting', 6, 'ratio'),
  'pace-hand': figure('Seam sewn by hand a minute', 150, 'mm a min'),
  'thread-waste': figure('Tails, tests and unpicking', 1.15, 'ratio', 'from memory'),
  'thread-reel': figure('Thread on a reel', 200_000, 'mm'),
  'band-overlap': figure('Overlap of a band for its button', 25, 'mm'),
  'casing-room': figure('Room beside the elastic in its channel', 5, 'mm'),
  'casing-under': figure('Turned under at a casing', 10, 'mm'),
  'lining-shorter': figure('A lining stops above the hem by', 50, 'mm'),
  'hip-room': figure('Room round the hips of what is worn over them', 50, 'mm'),
  'zip-to-hip': figure('A zip reaches the hip line', 200, 'mm'),
  'binding-width': figure('Binding strip, folded to four', 50, 'mm'),
  'pocket-top': figure('Turned over at the top of a pocket', 30, 'mm'),
  'strap-allowance': figure('Allowance along a strap', 6, 'mm'),
  'strap-ends': figure('Both ends of a strap, sewn in', 25, 'mm'),
  'head-adult': figure('Head of an adult, where not measured', 560, 'mm', 'from memory'),
  'head-child': figure('Head of a child, where not measured', 520, 'mm', 'from memory'),
  'head-infant': figure('Head of a small child, where not measured', 480, 'mm', 'from memory'),
  'shoulders-over-bust-adult': figure('Shoulders and arms beyond the bust, where not measured', 100, 'mm'),
  'shoulders-over-bust-child': figure('Shoulders and arms beyond a child’s bust, where not measured', 70, 'mm'),
  'shoulders-over-bust-infant': figure('Shoulders and arms beyond a small child’s bust, where not measured', 50, 'mm'),
  'keyhole-ease': figure('A keyhole is cut longer than the head needs by', 10, 'mm'),
  breath: figure('Room round the bust to breathe and to dress', 50, 'mm'),
  'shoulder-slope': figure('A shoulder falls by', 40, 'mm'),
  gap: figure('Gap left for the elastic', 30, 'mm'),
  'gather-reach': figure('Gathers reach at most', 4, 'ratio', 'deliberately huge, common practice'),
  'crinkle-take-up': figure('Take-up of a crinkled finish', 1.5, 'ratio'),
  'facing-width': figure('Facing of a slit, on each side', 40, 'mm'),
};
