import { expect } from 'vitest';
import { edgeLength } from '../geometry/edge.ts';
import { sideOf } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { fateFaults, glue } from './glue.ts';

/** The law of edges and joins (design, section 1), looked at from outside: it knows pieces, spans and steps, not how they came about. */
export function assertLaw(sheet: Worksheet, what: string): void {
  const { pieces, joins, steps, openings } = sheet;
  expect(fateFaults(pieces, joins), `${what}: every edge of every copy has one fate`).toEqual([]);

  const { parts, insideOut } = glue(pieces, joins);
  expect(
    parts.map(({ loops }) => loops),
    `${what}: one shell, open at ${openings.join(' and ')}`,
  ).toEqual([openings.length]);
  expect(insideOut, `${what}: no piece is sewn in inside out`).toEqual([]);

  const ids = new Set(steps.map(({ id }) => id));
  const order = new Map(steps.map(({ id }, i) => [id, i]));
  const byId = new Map(joins.map((join) => [join.id, join]));
  for (const join of joins) {
    expect(ids.has(join.step), `${what}: ${join.id} is sewn by a step`).toBe(true);
    expect(steps.find(({ id }) => id === join.step)!.joins, `${what}: the step ${join.step} names ${join.id}`).toContain(join.id);
    for (const before of join.after)
      expect(order.get(byId.get(before)!.step)!, `${what}: ${join.id} after ${before}`).toBeLessThanOrEqual(order.get(join.step)!);
    const lengths = join.layers.map((run) =>
      run.reduce((sum, { piece, edge, from, to }) => {
        const { edges } = sideOf(
          pieces.find(({ id }) => id === piece)!,
          edge,
        );
        return sum + edges.reduce((long, each) => long + edgeLength(each), 0) * (to - from);
      }, 0),
    );
    if (lengths.length > 0) expect(Math.abs(join.length.value - Math.min(...lengths)), `${what}: length of ${join.id}`).toBeLessThan(1);
    else expect(join.onto, `${what}: ${join.id} lies on something`).toBeDefined();
  }
  hangTogether(sheet, what);
}

/** All pieces hang together through joins; what a join is sewn onto counts. */
function hangTogether({ pieces, joins }: Worksheet, what: string): void {
  const reached = new Set([pieces[0]!.id]);
  for (let grown = true; grown;) {
    grown = false;
    for (const { layers, onto } of joins) {
      const here = [...new Set([...layers.flat().map(({ piece }) => piece), ...(onto ? [onto] : [])])];
      if (!here.some((id) => reached.has(id))) continue;
      for (const id of here) if (!reached.has(id)) grown = Boolean(reached.add(id));
    }
  }
  expect([...reached].sort(), `${what}: all pieces hang together`).toEqual(pieces.map(({ id }) => id).sort());
}
