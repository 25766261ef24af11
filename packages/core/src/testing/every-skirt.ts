import type { PlanRequest } from '../plan/request.ts';

/** A measured person with everything any skirt asks for, mm. */
export const MEASURED = {
  'waist-girth': 720,
  'hip-girth': 980,
  'waist-to-hip': 200,
  'waist-to-knee': 590,
  'waist-to-floor': 1040,
  'knee-girth': 370,
  'bust-girth': 920,
  'under-bust-girth': 790,
  'upper-arm-girth': 290,
  'wrist-girth': 165,
  'neck-girth': 370,
  'head-girth': 560,
  'shoulder-girth': 1030,
  'shoulder-width': 390,
  'shoulder-to-waist': 420,
  'shoulder-to-floor': 1440,
  'wrist-span': 1500,
  'back-neck-width': 180,
  'over-shoulder': 400,
};

/** Requests that between them use every skirt of the catalogue and its main variants. */
export const EVERY_SKIRT: ReadonlyArray<readonly [string, PlanRequest]> = (
  [
    ['circle, zip', 'circle-skirt', {}, {}],
    ['circle, half, elastic', 'circle-skirt', { fraction: 0.5, closure: 'pull-on', bandCloth: 'main' }, {}],
    ['circle, whole, stretch', 'circle-skirt', { closure: 'stretch' }, { kind: 'knit', stretchAcross: 0.6, frays: false }],
    ['circle, ruffle', 'circle-skirt', { hemEdge: 'ruffle' }, {}],
    ['circle, bound', 'circle-skirt', { hemEdge: 'bound', fraction: 0.75 }, {}],
    ['gathered, casing', 'gathered-skirt', {}, {}],
    ['gathered, fitted band, lined, pockets', 'gathered-skirt', { waist: 'fitted-band', lining: true, pockets: true }, {}],
    ['gathered, exposed elastic', 'gathered-skirt', { waist: 'exposed-elastic' }, {}],
    ['tiered', 'tiered-skirt', {}, {}],
    ['tiered, growing, crinkled', 'tiered-skirt', { heights: 'growing', tiers: 5 }, {}],
    ['gored, straight', 'gored-skirt', {}, {}],
    ['gored, trumpet, shifted', 'gored-skirt', { profile: 'trumpet', hipShift: 40, length: 800 }, {}],
    ['gored, side elastic, godets', 'gored-skirt', { waist: 'side-elastic', godets: true }, {}],
    ['handkerchief', 'handkerchief-skirt', { sideLength: 450 }, {}],
    ['knit tube', 'knit-tube-skirt', { elasticSchool: 'body' }, {}],
    ['knit tube, shaped, peplum', 'knit-tube-skirt', { profile: 'shaped', peplum: true, elasticSchool: 'body' }, {}],
    ['child’s', 'child-tube-skirt', {}, {}],
  ] as const
).map(
  ([name, construction, choices, cloth]) =>
    [name, { construction, body: MEASURED, choices, cloth: { width: 1500, ...cloth } } as PlanRequest] as const,
);
