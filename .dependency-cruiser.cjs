// The one-way arrows of the design: geometry knows no garment, garments know no screen.
const layers = [
  'errors',
  'quantity',
  'units',
  'body',
  'cloth',
  'geometry',
  'shapes',
  'drape',
  'lay',
  'marks',
  'make',
  'checks',
  'joins',
  'components',
  'garments',
  'sheet',
  'figure',
  'drawing',
  'plan',
  'study',
];
const low = ['errors', 'units', 'body', 'cloth', 'figure', 'geometry', 'lay', 'drape'];
// what writes on the sheet: the sheet knows their shapes, never their work
const above = ['joins', 'marks', 'make', 'checks', 'components', 'garments', 'drawing', 'plan', 'study'];

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    {
      name: 'core-knows-nobody',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^packages/core/src' },
    },
    { name: 'contract-knows-core-only', severity: 'error', from: { path: '^packages/contract/src' }, to: { path: '^apps/|^demo/|^e2e/' } },
    { name: 'web-knows-no-server', severity: 'error', from: { path: '^apps/web' }, to: { path: '^apps/server|^demo/' } },
    { name: 'server-knows-no-web', severity: 'error', from: { path: '^apps/server' }, to: { path: '^apps/web' } },
    {
      name: 'web-takes-only-types-of-the-contract',
      comment: 'class-validator stays out of the pages',
      severity: 'error',
      from: { path: '^apps/web' },
      to: { path: '^packages/contract', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'geometry-knows-no-garment',
      severity: 'error',
      from: { path: `^packages/core/src/(${low.join('|')})/`, pathNot: '\\.test\\.ts$' },
      to: { path: `^packages/core/src/(${layers.filter((each) => ![...low, 'quantity'].includes(each)).join('|')})/` },
    },
    {
      name: 'shapes-know-no-garment',
      severity: 'error',
      from: { path: '^packages/core/src/(shapes|marks|make|checks|joins|components)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/garments/' },
    },
    {
      name: 'the-sheet-knows-nobody-above-it',
      comment: 'quantities, pieces and joins are collected there; of those that fill it only the types are known',
      severity: 'error',
      from: { path: '^packages/core/src/sheet/', pathNot: '\\.test\\.ts$' },
      to: { path: `^packages/core/src/(${above.join('|')})/`, dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'parts-know-no-plan',
      severity: 'error',
      from: { path: '^packages/core/src/(shapes|sheet|marks|make|checks|joins|components|garments)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/(plan|study|drawing)/' },
    },
    {
      name: 'plans-know-no-studies',
      severity: 'error',
      from: { path: '^packages/core/src/(?!study/|index)', pathNot: '\\.test\\.ts$' },
      to: { path: '^packages/core/src/study/' },
    },
    {
      name: 'screens-do-not-know-each-other',
      severity: 'error',
      from: { path: '^apps/web/src/table/' },
      to: { path: '^apps/web/src/(make|makes|people|cupboard|today|welcome)/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/|node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs'] },
  },
};
