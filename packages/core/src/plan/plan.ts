import { SHOP_STEP } from '../units/shop-step.ts';
import type { Body } from '../body/measures.ts';
import { childSafety, plausibleBody } from '../checks/body-checks.ts';
import type { Check } from '../checks/check.ts';
import type { PassedPlace } from '../checks/way-in.ts';
import { clothLongEnough, clothWideEnough, matchesPrint, prewash } from '../checks/cloth-checks.ts';
import { knitOnly } from '../checks/knit-only.ts';
import type { Cloth } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import { BadInput } from '../errors/bad-input.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { CONSTRUCTIONS, constructionById } from '../garments/index.ts';
import type { GarmentView } from '../drape/garment-view.ts';
import { sewingMinutes, threadLength } from '../make/sewing.ts';
import type { Step } from '../make/step.ts';
import type { ChalkSheet } from '../marks/mark.ts';
import { Quantity } from '../quantity/quantity.ts';
import { footprint, type ClothRole, type Piece } from '../shapes/piece.ts';
import type { Units } from '../units/units.ts';
import { chalkSheets } from '../marks/chalk-sheets.ts';
import { firstSteps } from '../make/common-steps.ts';
import { withWhatIsThere } from '../make/on-the-table.ts';
import { gathersReach } from '../checks/gathers-reach.ts';
import { joinsAgree } from '../checks/joins-agree.ts';
import { keepWaysThatHelp } from './ways-that-help.ts';
import { layCloth, quickLayer, type Layer, type PlanLay } from './plan-lay.ts';
import type { PlanRequest } from './request.ts';
import { settleChoices, settleCloth, settleCloths, settleElastic, settleEstimates, settleFigures, settleWearer, validateBody } from './validate.ts';
import type { Wearer } from '../body/wearer.ts';
import type { Cloths } from '../sheet/cloths.ts';
import type { Join } from '../sheet/join.ts';
import { shoppingList } from './shopping-list.ts';
import { Worksheet, type ShoppingItem } from '../sheet/worksheet.ts';

/** Everything that follows from a body, a cloth and choices. */
export interface Plan {
  construction: Construction;
  body: Body;
  wearer: Wearer;
  cloth: Cloth;
  /** All cloths by what they are for. */
  cloths: Cloths;
  elastic: Elastic;
  units: Units;
  choices: ReadonlyMap<string, ChoiceValue | null>;
  quantities: Quantity[];
  pieces: Piece[];
  /** How their edges meet. */
  joins: Join[];
  /** The holes left in the outer shell when all is sewn. */
  openings: readonly string[];
  /** Seam sewn a minute, mm. */
  pace: number;
  checks: Check[];
  chalk: ChalkSheet[];
  steps: Step[];
  shopping: ShoppingItem[];
  view?: GarmentView;
  /** The narrow places on the way in. */
  wayIn: readonly PassedPlace[];
  lay: PlanLay;
  /** Lays of further cloths: lining, contrast. */
  otherLays: Partial<Record<ClothRole, PlanLay>>;
}

/** All of a plan that does not hang on how its pieces lie. Never changed once it is drafted: `withLay` writes on a copy. */
export interface Draft {
  construction: Construction;
  sheet: Worksheet;
  choices: ReadonlyMap<string, ChoiceValue | null>;
}

/** A request drafted but not laid: quantities, pieces, joins, chalk, steps. Throws BadInput or Unmakeable, each naming its field. */
export function draftFor(request: PlanRequest): Draft {
  const draft = drafted(request);
  const { sheet } = draft;
  keepWaysThatHelp(sheet, request, (other) => drafted(other).sheet);
  sheet.steps.unshift(...firstSteps(sheet));
  withWhatIsThere(sheet);
  sheet.chalk.push(...chalkSheets(sheet));
  return draft;
}

/** What a construction puts on its sheet, without what every sheet gets: enough to know its checks. */
function drafted(request: PlanRequest): Draft {
  const construction = constructionById(request.construction);
  if (!construction) throw new BadInput('construction', `must be one of ${CONSTRUCTIONS.map((each) => each.id).join(', ')}`);
  const units = request.units ?? 'cm';
  if (units !== 'cm' && units !== 'in') throw new BadInput('units', 'must be one of cm, in');
  validateBody(construction, request.body);
  const cloth = settleCloth(construction, request.cloth ?? {});
  const elastic = settleElastic(request.elastic ?? {});
  const choices = settleChoices(construction, request.choices ?? {}, cloth.kind);
  const sheet = new Worksheet({
    body: request.body,
    wearer: settleWearer(request.body, request.wearer),
    estimated: settleEstimates(request.body, request.estimated ?? {}),
    choices,
    definitions: construction.choices,
    cloths: { ...settleCloths(cloth, request.cloths ?? {}), main: cloth },
    elastic,
    units,
    figures: settleFigures(request.figures ?? {}),
    learned: request.learned ?? {},
  });
  construction.draft(sheet);
  sheet.check(joinsAgree(sheet), gathersReach(sheet));
  return { construction, sheet, choices };
}

/**
 * Works out a plan: body + cloth + choices -> quantities, pieces, checks, lay, chalk, steps.
 * `layer` lays the pieces; by default the engine does, quickly. Throws BadInput (unknown or ill-formed input) or Unmakeable (nothing can be drawn, or it fits no cloth), each naming its field.
 */
export function planFor(request: PlanRequest, layer: Layer = quickLayer()): Plan {
  return withLay(draftFor(request), layer);
}

/** A draft with its pieces laid: what to buy, and what else hangs on it. A closer lay needs no new draft. Throws Unmakeable as `layCloth`. */
export function withLay({ construction, sheet: drafted, choices }: Draft, layer: Layer): Plan {
  const sheet = drafted.copy();
  const main = layCloth(sheet, 'main', layer);
  const lay: PlanLay = {
    ...(main ?? { length: 0, utilisation: 0, placements: [], usableWidth: sheet.usableWidth.value, fold: 'open' as const }),
    buy: 0,
  };
  const clothLength = sheet.put('cloth-length', 'Cloth the lay takes', 'up', sheet.drawn('lay-length', 'Length of the lay', lay.length));
  lay.buy = sheet.put('cloth-to-buy', 'Cloth to buy', 'up', toBuy(sheet, 'main', clothLength.plus(sheet.number('reserve')))).value;
  const otherLays: Plan['otherLays'] = {};
  for (const role of ['lining', 'contrast'] as const) {
    const laid = layCloth(sheet, role, layer);
    if (!laid) continue;
    const buy = sheet.put(
      `${role}-to-buy`,
      role === 'lining' ? 'Lining to buy' : 'Second cloth to buy',
      'up',
      toBuy(sheet, role, sheet.drawn(`${role}-length-laid`, 'Length of the lay', laid.length)),
    );
    otherLays[role] = { ...laid, buy: buy.value };
  }
  sheet.put('thread-length', 'Thread', 'up', threadLength(sheet));
  sheet.put('sewing-minutes', 'Sewing time', 'up', sewingMinutes(sheet));

  if (!sheet.checks.some((check) => check.id === 'cloth-wide-enough')) {
    sheet.check(
      clothWideEnough(
        sheet,
        Math.max(0, ...sheet.pieces.filter(({ cloth }) => cloth === 'main').map((piece) => footprint(piece, piece.turns[0]).width)),
      ),
    );
  }
  sheet.check(clothLongEnough(sheet, unwashedLength(sheet, 'main', clothLength.plus(sheet.number('reserve'))).value));
  sheet.check(prewash(sheet));
  sheet.check(matchesPrint(sheet));
  if (construction.knitOnly) sheet.check(knitOnly(sheet, construction.name));
  sheet.check(plausibleBody(sheet));
  if (!sheet.checks.some((check) => check.id === 'child-safety')) sheet.check(childSafety(sheet));

  const { body, wearer, cloth, cloths, elastic, units, quantities, pieces, joins, openings, checks, chalk, steps } = sheet;
  return {
    construction,
    body,
    wearer,
    cloth,
    cloths,
    elastic,
    units,
    choices,
    quantities,
    pieces,
    joins,
    openings,
    pace: sheet.minutes('pace').value,
    checks,
    chalk,
    steps,
    view: sheet.view,
    wayIn: sheet.wayIn,
    shopping: shoppingList(sheet, lay.buy, otherLays),
    lay,
    otherLays,
  };
}

/** Length to buy: shrinkage added unless washed, rounded up to what shops cut. */
function toBuy(sheet: Worksheet, role: ClothRole, needed: Quantity): Quantity {
  const step = Quantity.constant(SHOP_STEP[sheet.units], 'mm', undefined, 'what shops cut');
  return unwashedLength(sheet, role, needed).over(step).ceil().times(step);
}

/** A length of washed cloth as it is before the wash. */
function unwashedLength(sheet: Worksheet, role: ClothRole, needed: Quantity): Quantity {
  return sheet.cloths.of(role).prewashed ? needed : needed.over(sheet.cloths.keeps('shrinkAlong', role));
}
