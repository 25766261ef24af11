/** What a step says of a machine, and what it says where there is none; in this order. */
const INSTEAD: ReadonlyArray<readonly [RegExp, string]> = [
  [/Zigzag along the raw edge, the right swing of the needle just off the cloth/g, 'Overcast the raw edge, 4 mm deep and 4 mm apart'],
  [/Overlock the raw edge without cutting into the allowance/g, 'Overcast the raw edge, 4 mm deep and 4 mm apart'],
  [/, with needle NM \d+ [a-z ]+(?=\.)/g, ''],
  [/Loosen the top tension\. /g, ''],
  [/Sew two rows of long straight stitches/g, 'Sew two rows of running stitches'],
  [/without backstitching, /g, 'the ends left loose, '],
  [/Pull the bobbin threads/g, 'Pull the threads'],
  [
    /Longest stitch, differential feed at its highest, needle tension high\./g,
    'Sew two rows of running stitches inside the allowance and pull their threads.',
  ],
  [/ ?Set the machine back to feed 1 and normal tension before the next edge\./g, ''],
  [/ ?Set tension and stitch length back before the next seam\./g, ''],
  [/and zigzag over it without catching it/g, 'and sew over and over it without catching it'],
  [/: let the feed take the cloth/g, ''],
  [/zigzag them in a square/g, 'whip them together in a square'],
  [/zigzag them to a ring/g, 'whip them to a ring'],
  [/zigzag them/g, 'whip them together'],
  [/until it lies flat on the cloth, and zigzag\./g, 'until it lies flat on the cloth, and sew it on.'],
  [/by zigzagging once more/g, 'by sewing once more'],
  [/a narrow zigzag gives/gi, 'small diagonal stitches give'],
  [/with a narrow zigzag/g, 'with small diagonal stitches'],
  [/while a close zigzag runs over it/g, 'while it is overcast closely'],
  [
    /hold it before and behind the foot, stretch it evenly, the right swing of the needle just off the cloth/g,
    'stretch it evenly with one hand and overcast it closely with the other',
  ],
  [/the stretched zigzag/g, 'the overcasting, stretched,'],
  [/ahead of the foot/g, 'ahead of the needle'],
  [/\bZigzag\b/g, 'Sew'],
  [/\bzigzag\b/g, 'sew'],
];

/** The words of a step as they are for whoever sews it by hand. */
export function byHandWords(text: string): string {
  return INSTEAD.reduce((said, [machine, hand]) => said.replace(machine, hand), text);
}

/** Of what could hurt, what only a machine does is left out. */
export const handCaution = (caution: string | undefined): string | undefined => (caution && /handwheel/.test(caution) ? undefined : caution);
