import { describe, expect, it } from 'vitest';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import { flatten } from '../geometry/flatten.ts';
import { distance, type Point } from '../geometry/point.ts';
import { draftFor } from '../plan/plan.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { parseLength } from '../units/parse-length.ts';
import type { ChalkSheet, Mark } from './mark.ts';

const sheetsOf = (request: (typeof EVERY_SKIRT)[number][1]) => draftFor(request).sheet.chalk;
const named = (sheet: ChalkSheet, kind: Mark['kind']) => sheet.marks.filter((mark) => mark.kind === kind);

/** How far a point lies from the nearest side of a closed line, mm. */
function fromLine(ring: readonly Point[], [x, y]: readonly [number, number]): number {
  return Math.min(
    ...ring.map(([ax, ay], i) => {
      const [bx, by] = ring[(i + 1) % ring.length]!;
      const along = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1)));
      return Math.hypot(x - ax - along * (bx - ax), y - ay - along * (by - ay));
    }),
  );
}

/** Every length a mark says out loud, mm. */
function spoken(says: string, units: 'cm' | 'in'): number[] {
  const pattern = units === 'cm' ? /(\d+(?:\.\d+)?) cm/g : /(\d+(?: \d+\/\d+)?|\d+\/\d+) in\b/g;
  return [...says.matchAll(pattern)].map(([text]) => parseLength(text, units) as number);
}

describe.each(EVERY_SKIRT)('chalking a %s', (_, request) => {
  const sheets = sheetsOf(request);

  it('shows of each piece just what lies beside its folds', () => {
    const { sheet } = draftFor(request);
    for (const chalk of sheets) {
      const piece = sheet.pieces.find(({ id }) => id === chalk.piece)!;
      const whole = outlineArea(piece.cut) + piece.cutHoles.reduce((sum, hole) => sum + outlineArea(hole), 0);
      const share = { open: 1, once: 2, 'in-four': 4 }[chalk.fold];
      // a slit circle and a square are shown beside their folds, hole and all
      expect(Math.abs(outlineArea(chalk.cut) * share - whole) / whole, chalk.piece).toBeLessThan(1e-6);
      expect(chalk.layers, chalk.piece).toBe(share);
    }
  });

  it('begins with the fold where there is one, and ends with the label', () => {
    for (const { fold, marks, piece } of sheets) {
      if (fold !== 'open') expect(marks[0]!.kind, piece).toBe('fold');
      expect(marks[marks.length - 1]!.kind, piece).toBe('label');
      expect(new Set(marks.map(({ id }) => id)).size, piece).toBe(marks.length);
    }
  });

  it('swings every arc from the origin at the radius it says, with dots close enough to join', () => {
    for (const sheet of sheets) {
      for (const mark of named(sheet, 'arc')) {
        const radius = mark.quantities[0]!.value;
        const centre = mark.line![0];
        const dots = mark.dots!;
        for (const dot of dots) expect(distance(centre, dot)).toBeCloseTo(radius, 6);
        // handbook 4: a mark every 5 to 8 cm of arc
        dots.slice(1).forEach((dot, i) => expect(distance(dots[i]!, dot)).toBeLessThanOrEqual(81));
        expect(spoken(mark.says, 'cm').some((said) => Math.abs(said - radius) <= 1)).toBe(true);
      }
    }
  });

  it('gives those who use a ruler the same dots: down one fold, out from it', () => {
    for (const sheet of sheets) {
      for (const { table, dots } of sheet.marks.filter((mark) => mark.table && mark.dots)) {
        // measured from the origin the words speak of, above it less than 0
        table!.rows.forEach(([down, out], i) => {
          expect([sheet.origin[0] + out, sheet.origin[1] - down]).toEqual(dots![i]!.map((value) => expect.closeTo(value, 6)));
        });
      }
    }
  });

  it('squares rectangles by their diagonal (Pythagoras)', () => {
    for (const sheet of sheets) {
      const square = sheet.marks.find(({ id }) => id === 'square');
      if (!square) continue;
      const [across, along] = ['across', 'along'].map((id) => sheet.marks.find((mark) => mark.id === id)!.quantities[0]!.value);
      expect(square.quantities[0]!.value).toBeCloseTo(Math.sqrt(across! ** 2 + along! ** 2), 6);
      const { width, height } = boundsOf(sheet.cut);
      expect([across, along]).toEqual([width, height]);
    }
  });

  it('puts every station of a panel on its seam line; at the hem by what the corner is lifted beyond it (handbook 6)', () => {
    const { sheet, construction } = draftFor(request);
    const rises = sheet.quantities.filter(({ id }) => id!.startsWith('hem-rise')).map(({ value }) => value);
    if (construction.id === 'child-tube-skirt') rises.push(sheet.number('curve').value);
    for (const chalk of sheets) {
      const stations = named(chalk, 'station').map(({ dots }) => dots![0]!);
      stations.forEach(([x, y], i) => {
        if (i < stations.length - 1) return expect(fromLine(flatten(chalk.seam, 0.05), [x, y]), `${chalk.piece} ${x} ${y}`).toBeLessThan(0.1);
        const beyond = Math.min(...chalk.seam.map(({ from }) => distance(from, [x, y])));
        expect(Math.min(...[0, ...rises].map((rise) => Math.abs(rise - beyond))), `${chalk.piece} ${x} ${y}`).toBeLessThan(0.1);
      });
    }
  });

  it('speaks inches throughout to those who think in them', () => {
    for (const { marks, foldSays } of sheetsOf({ ...request, units: 'in' })) {
      for (const { says, hint } of marks) expect(`${says} ${hint ?? ''} ${foldSays}`).not.toMatch(/\d (cm|mm)\b/);
    }
  });
});
