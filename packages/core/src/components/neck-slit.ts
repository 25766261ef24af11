import type { WayOut } from '../checks/check.ts';
import { headGirth } from '../checks/way-in.ts';
import { caught } from '../joins/caught.ts';
import { facedSlit } from '../joins/face.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** The loop takes so much of the edge, mm (common practice, no source). */
const LOOP = 10;

export interface NeckSlit {
  /** The slit the head needs, mm; 0 where it passes without. */
  long: Quantity;
  /** Whether it is made. */
  made: boolean;
  /** What the neck opens to with it, mm. */
  opens: Quantity;
  /** Slit, facing, and afterwards loop and button, where there is one. */
  face(): void;
  fasten(): void;
}

/** The way out of a neck too small for the head. */
export const KEYHOLE: WayOut = { says: 'A keyhole at the back', choices: { keyhole: true } };

/** A keyhole at centre back with a loop and a button, as long as the head needs it (handbook 10.11): its length opens twice. */
export function neckSlit(sheet: Worksheet, { neck, onto, wanted }: { neck: Quantity; onto: string; wanted: boolean }): NeckSlit {
  const needed = Quantity.larger(Quantity.constant(0, 'mm'), headGirth(sheet).minus(neck).over(2));
  const long = sheet.put('head-slit', 'Slit for the head', 'up', needed);
  const made = wanted && long.value > 0;
  const faced = long.plus(sheet.figure('keyhole-ease')).named('keyhole-long', 'Keyhole, cut', 'up');
  return {
    long,
    made,
    opens: made ? neck.plus(faced.times(2)) : neck,
    face: () => {
      if (made) facedSlit(sheet, { prefix: 'keyhole', onto, long: faced, from: 'the neck edge at centre back', into: 'neck' });
    },
    fasten: () => {
      if (!made) return;
      const loop = caught(sheet, {
        id: 'loop',
        wide: Quantity.constant(LOOP, 'mm', undefined, 'common practice'),
        onto,
        step: 'loop',
        why: 'The ends of the loop are sewn in beside the slit.',
      });
      sewStep(sheet, {
        id: 'loop',
        title: 'Loop and button',
        sews: [loop],
        byHand: true,
        handling: [['loop']],
        how: `At the top of the slit sew a loop of doubled thread or thin cord to one edge, just long enough to slip over the button; sew the button to the other edge with a thread shank, so that the slit lies closed.`,
        why: 'Open, the slit lets the head through; closed, the neck sits.',
        ...(sheet.wearer === 'infant'
          ? { caution: 'Under three no button within reach: a small snap sewn flat, or a bow at the back cut short, is safer.' }
          : {}),
      });
      sheet.shopping.push({ id: 'button', what: 'A button and a little cord for its loop', amount: '1' });
    },
  };
}
