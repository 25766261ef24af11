/** A measure we know how to take. Ranges are mm and only raise a question; nothing is refused for lying outside them. */
export interface MeasureDefinition {
  id: string;
  label: string;
  kind: 'girth' | 'length' | 'flat';
  /** How to take it, to be read out while somebody holds the tape. Terms after ISO 8559-1 (from memory). */
  how: string;
  /** Usual range, mm, small child to large adult (common practice, no source). */
  usual: readonly [low: number, high: number];
}

const define = (id: string, label: string, kind: MeasureDefinition['kind'], low: number, high: number, how: string): MeasureDefinition => ({
  id,
  label,
  kind,
  how,
  usual: [low, high],
});

/** Every measure Arcus knows, in the order a tape usually travels. */
export const MEASURES: readonly MeasureDefinition[] = [
  define('bust-girth', 'Bust', 'girth', 440, 1600, 'Round the fullest part of the bust, tape level, arms down.'),
  define('under-bust-girth', 'Under bust', 'girth', 420, 1400, 'Round the ribs directly under the bust, tape level.'),
  define('waist-girth', 'Waist', 'girth', 400, 1600, 'Round the line where the waistband will sit. Let the tape touch, not squeeze.'),
  define('hip-girth', 'Hip', 'girth', 440, 1700, 'Round the fullest part of the seat, feet together, tape level.'),
  define('neck-girth', 'Neck', 'girth', 220, 560, 'Round the base of the neck, over the knobbly bone at the back.'),
  define('head-girth', 'Head', 'girth', 430, 650, 'Round the head above the ears, the widest way.'),
  define('upper-arm-girth', 'Upper arm', 'girth', 140, 560, 'Round the fullest part of the relaxed upper arm.'),
  define('wrist-girth', 'Wrist', 'girth', 100, 260, 'Round the wrist bone.'),
  define('thigh-girth', 'Thigh', 'girth', 250, 900, 'Round the fullest part of one thigh.'),
  define('knee-girth', 'Knee', 'girth', 200, 600, 'Round the knee cap, leg straight.'),
  define('legs-girth', 'Both legs at the hem', 'girth', 350, 1500, 'Round both legs together, where the hem will hang, standing easily.'),
  define('shoulder-girth', 'Shoulders, round', 'girth', 600, 1800, 'Round both shoulders and upper arms, arms down.'),
  define('waist-to-hip', 'Waist to hip', 'length', 80, 300, 'Down the side from the waist line to the fullest part of the seat.'),
  define('waist-to-knee', 'Waist to knee', 'length', 200, 760, 'Down the front from the waist line to the middle of the knee.'),
  define('waist-to-floor', 'Waist to floor', 'length', 400, 1300, 'Down the side from the waist line to the floor, in the shoes to be worn.'),
  define('shoulder-to-waist', 'Shoulder to waist', 'length', 180, 560, 'From the side of the neck over the bust to the waist line.'),
  define('shoulder-to-floor', 'Shoulder to floor', 'length', 600, 1750, 'From the side of the neck straight down to the floor.'),
  define(
    'wrist-span',
    'Wrist to wrist',
    'length',
    700,
    1900,
    'Arms out, from wrist to wrist over the back of the neck. May be taken in two halves and added.',
  ),
  define('back-neck-width', 'Back neck width', 'length', 80, 240, 'From one side of the neck to the other, round the back.'),
  define('shoulder-width', 'Across the shoulders', 'length', 220, 560, 'From one shoulder point to the other, across the back.'),
  define('shoulder-to-wrist', 'Shoulder to wrist', 'length', 250, 750, 'From the shoulder point over the bent elbow to the wrist.'),
  define('over-shoulder', 'Over the shoulder', 'length', 200, 700, 'Where a strap would run: from its front end over the shoulder to its back end.'),
  define('crotch-depth', 'Crotch depth', 'length', 120, 420, 'Sitting: from the waist line down the side to the chair.'),
  define('flatWaist', 'Waist, laid flat', 'flat', 180, 800, 'A garment that fits, laid flat: straight across its waist, not stretched.'),
  define('flatHem', 'Hem, laid flat', 'flat', 200, 2000, 'The same garment: straight across its hem.'),
  define('flatChest', 'Chest, laid flat', 'flat', 220, 850, 'A garment that fits, laid flat: across, just under the armholes.'),
  define('flatLength', 'Length, laid flat', 'flat', 150, 1600, 'The same garment: from its highest point to its hem.'),
];

const BY_ID = new Map(MEASURES.map((measure) => [measure.id, measure]));

/** The definition of a measure, or undefined where no measure has that id. */
export function measureById(id: string): MeasureDefinition | undefined {
  return BY_ID.get(id);
}

/** A body in numbers: measure id to millimetres. */
export type Body = Readonly<Record<string, number>>;
