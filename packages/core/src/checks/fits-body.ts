import { between, bodyLevels, type BodyLevel } from '../body/girth-at.ts';
import type { WornLevel, Worksheet } from '../sheet/worksheet.ts';
import type { Check, Verdict, WayOut } from './check.ts';
import { COMFORT } from './knit-stretch.ts';

/** Woven cloth with less to spare than this share of the body is worn tight (common practice, no source). */
const TIGHT = 0.01;
/** A band may be this much smaller than the waist it is drawn round, as a share (common practice, no source). */
const BAND_GIVES = 0.02;

/** One level of one layer, against the body there; mm. */
interface Level {
  what: string;
  body: BodyLevel;
  girth: number;
  verdict: Verdict;
  spare: number;
}

const GRAVITY: Record<Verdict, number> = { ok: 0, tight: 1, caution: 2, stop: 3 };

/**
 * Whether what is worn goes round the body at every level it covers, not only at the way in (handbook 13a): every layer, linings and
 * underlays too. What an elastic draws in is left to its own checks. The tightest level speaks.
 */
export function fitsBody(sheet: Worksheet, waysOut: WayOut[]): Check | undefined {
  const body = bodyLevels(sheet.body, sheet.scale);
  const levels = sheet.worn.flatMap(({ what, levels: worn }) => atBody(sheet, what, worn, body));
  const worst = levels.reduce<Level | undefined>(
    (a, b) => (!a || GRAVITY[b.verdict] > GRAVITY[a.verdict] || (b.verdict === a.verdict && b.spare < a.spare) ? b : a),
    undefined,
  );
  if (!worst) return undefined;
  const { what, girth, verdict, spare } = worst;
  const numbers = { garment: girth, body: worst.body.girth, spare, drop: worst.body.drop };
  const [has, needs] = [sheet.showLength(girth, 'down'), sheet.showLength(worst.body.girth, 'up')];
  const at = /^\d/.test(worst.body.name) ? worst.body.name : `at the ${worst.body.name}`;
  const offered = waysOut.length > 0 && verdict !== 'ok' ? { waysOut } : {};
  if (verdict === 'stop')
    return {
      id: 'fits-body',
      verdict,
      numbers,
      ...offered,
      says: `The ${what} is too tight to wear ${at}: ${has} of cloth for ${needs} of body. Getting in is not enough.`,
    };
  if (verdict === 'tight')
    return {
      id: 'fits-body',
      verdict,
      numbers,
      ...offered,
      says: `The ${what} is tight ${at}: ${has} of cloth for ${needs} of body. It can be worn, but hardly sat in.`,
    };
  return { id: 'fits-body', verdict, numbers, says: `It fits all the way down: tightest ${at}, ${has} of cloth for ${needs} of body.` };
}

/** Every level of the body a layer covers, and its own last edge where that lies between two. */
function atBody(sheet: Worksheet, what: string, worn: readonly WornLevel[], body: readonly BodyLevel[]): Level[] {
  const [first, last] = [worn[0], worn[worn.length - 1]];
  if (!first || !last || body.length === 0) return [];
  const covered = body.filter(({ drop }) => drop >= first.drop - 1e-6 && drop <= last.drop + 1e-6);
  const below = body[body.length - 1]!.drop;
  // the garment's own narrow places count too, wherever they lie
  for (const { drop } of worn.slice(1, -1))
    if (drop < below && drop > body[0]!.drop && !covered.some((level) => Math.abs(level.drop - drop) < 1))
      covered.push({ name: `${sheet.showLength(Math.abs(drop))} ${drop < 0 ? 'above' : 'below'} the waist`, drop, girth: between(body, drop) });
  if (last.drop < below && !covered.some(({ drop }) => Math.abs(drop - last.drop) < 1))
    covered.push({ name: 'hem', drop: last.drop, girth: between(body, last.drop) });
  return covered.map((level) => {
    const girth = between(worn, level.drop);
    return { what, body: level, girth, spare: girth - level.girth, verdict: verdictAt(sheet, level, girth) };
  });
}

function verdictAt(sheet: Worksheet, { name, girth: body }: BodyLevel, girth: number): Verdict {
  const { kind, stretchAcross } = sheet.cloth;
  const short = body / girth - 1;
  if (kind === 'knit') return short > stretchAcross ? 'stop' : short > stretchAcross * COMFORT ? 'tight' : 'ok';
  if (name === 'waist') return short > BAND_GIVES ? 'stop' : short > 1e-9 ? 'tight' : 'ok';
  if (short > 1e-9) return 'stop';
  return girth - body < TIGHT * body ? 'tight' : 'ok';
}
