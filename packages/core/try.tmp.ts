import { draftFor } from './src/plan/plan.ts';
import { EVERY_SKIRT, MEASURED } from './src/testing/every-skirt.ts';
import { CONSTRUCTIONS } from './src/garments/index.ts';
import { fateFaults, glue } from './src/testing/glue.ts';
const reqs: any[] = [...EVERY_SKIRT];
const knit = { kind: 'knit', stretchAcross: 0.6, frays: false, width: 1500 };
for (const c of CONSTRUCTIONS) for (const ch of c.choices) {
  const vals: any[] = ch.kind === 'one-of' ? ch.options! : ch.kind === 'yes-no' ? [true, false] : [];
  for (const v of vals) for (const cl of [{ width: 1500 }, knit, { width: 700 }]) reqs.push([`${c.id} ${ch.id}=${v} ${JSON.stringify(cl)}`, { construction: c.id, body: MEASURED, choices: { [ch.id]: v, ...(v === 'try-on' ? { elasticTryOn: 600 } : {}) }, cloth: cl }]);
}
let n = 0;
for (const [name, r] of reqs) {
  try {
    const { sheet } = draftFor(r);
    n++;
    const faults = fateFaults(sheet.pieces, sheet.joins);
    if (faults.length) console.log(name, faults.slice(0, 4));
    const s = glue(sheet.pieces, sheet.joins);
    if (s.insideOut.length) console.log(name, 'INSIDE OUT', s.insideOut.slice(0, 3));
    if (s.parts.length !== 1 || s.parts[0].loops !== sheet.openings.length) console.log(name, 'PARTS', s.parts.map((p) => [[...p.pieces].join(), p.loops]));
  } catch (e: any) { if (!/Unmakeable|BadInput/.test(e.name)) console.log(name, e.stack.split('\n').slice(0, 4).join('|')); }
}
console.log(n);
