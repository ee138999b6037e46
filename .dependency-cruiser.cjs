/**
 * Who may import whom. The stages of the core in their order: each may use those before it and none after it. That no
 * folder anywhere is part of a ring is held by tools/test/structure.test.mjs.
 */
const STAGES = [
  'units',
  'distributions',
  'vocabulary',
  'model',
  'joints',
  'shelf',
  'evidence',
  'systems',
  'failure',
  'quantities',
  'pricing',
  'comparison',
  'drying',
  'schedule',
  'weather',
  'aftercare',
];
/** Beside the stages, resting on some of them: no stage rests on these. */
const BESIDE = [
  'colours',
  'patchPicture',
  'colourPhoto',
  'places',
  'walkround',
  'trials',
  'practice',
  'reckon',
  'ledger',
  'documents',
  'jobfile',
];

const runsForward = STAGES.map((stage, i) => ({
  name: `core-${stage}-runs-forward`,
  severity: 'error',
  comment: `The core is a pipeline: ${STAGES.join(' → ')}.`,
  from: { path: `^packages/core/src/${stage}/` },
  to: {
    path: `^packages/core/src/(${[...STAGES.slice(i + 1), ...BESIDE].join('|')})/`,
    // The sun on an elevation is reckoned with the directions that the walk-round names.
    ...(stage === 'weather' ? { pathNot: '^packages/core/src/walkround/' } : {}),
  },
}));

module.exports = {
  forbidden: [
    {
      name: 'no-circular',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    { name: 'core-knows-nobody', severity: 'error', from: { path: '^packages/core/src' }, to: { path: '^apps/' } },
    {
      name: 'core-has-no-interface-or-io',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: 'node_modules/(react|@nestjs|typeorm|mysql2|express)', dependencyTypes: ['npm'] },
    },
    {
      name: 'core-uses-no-node',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'web-and-server-apart',
      severity: 'error',
      from: { path: '^apps/web' },
      to: { path: '^apps/(server|cli)' },
    },
    { name: 'server-apart', severity: 'error', from: { path: '^apps/server/src' }, to: { path: '^apps/(web|cli)' } },
    {
      name: 'core-by-its-front-door',
      severity: 'error',
      from: { path: '^apps/' },
      // The judge of passwords has a door of its own: its lists are fetched only where one is chosen.
      to: { path: '^packages/core/src/(?!index|password/passwordStrength)' },
    },
    {
      name: 'no-drawers-for-everything',
      severity: 'error',
      from: {},
      to: { path: '(^|/)(utils|common|misc|shared|helpers)/', pathNot: 'node_modules' },
    },
    ...runsForward,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    exclude: { path: '(^|/)dist/' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['source', 'import', 'node', 'default'] },
  },
};
