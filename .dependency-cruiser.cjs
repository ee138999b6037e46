/** Who may import whom. One direction: the core knows nobody; the pipeline of the core runs one way. */
const later = (stage, ...stages) => ({
  name: `core-${stage}-runs-forward`,
  severity: 'error',
  comment: 'The core is a pipeline: evidence → systems → quantities → pricing → drying → schedule → aftercare.',
  from: { path: `^packages/core/src/${stage}/` },
  to: { path: `^packages/core/src/(${stages.join('|')})/` },
});

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
      to: { path: '^packages/core/src/(?!index)' },
    },
    {
      name: 'no-drawers-for-everything',
      severity: 'error',
      from: {},
      to: { path: '(^|/)(utils|common|misc|shared|helpers)/', pathNot: 'node_modules' },
    },
    later('vocabulary', 'evidence', 'systems', 'quantities', 'pricing', 'drying', 'schedule', 'aftercare', 'shelf'),
    later('evidence', 'systems', 'quantities', 'pricing', 'drying', 'schedule', 'aftercare'),
    later('drying', 'schedule', 'aftercare', 'systems'),
    later('schedule', 'aftercare'),
    later('ledger', 'evidence', 'systems', 'schedule'),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    exclude: { path: '(^|/)dist/' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['source', 'import', 'node', 'default'] },
  },
};
