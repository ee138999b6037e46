// One Jest run for every package. The "source" export condition makes tests read the TypeScript of the core, not its build.
const swc = [
  new URL('tools/swcWithGlobals.mjs', import.meta.url).pathname,
  {
    jsc: {
      parser: { syntax: 'typescript', decorators: true, tsx: true },
      target: 'es2022',
      transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
    },
    module: { type: 'es6' },
  },
];
const project = (displayName, root) => ({
  displayName,
  rootDir: root,
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  transform: { '^.+\\.tsx?$': swc },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  testEnvironment: 'node',
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
});
export default {
  testTimeout: 300_000,
  projects: [
    project('core', 'packages/core'),
    project('cli', 'apps/cli'),
    project('web', 'apps/web'),
    // The tools are plain scripts: nothing to compile.
    {
      displayName: 'tools',
      rootDir: 'tools',
      testMatch: ['<rootDir>/test/**/*.test.mjs'],
      transform: {},
      testEnvironment: 'node',
    },
    {
      ...project('server', 'apps/server'),
      setupFiles: [new URL('tools/setClock.mjs', import.meta.url).pathname],
      globalSetup: new URL('apps/server/test/startDatabase.mjs', import.meta.url).pathname,
      globalTeardown: new URL('apps/server/test/stopDatabase.mjs', import.meta.url).pathname,
    },
  ],
};
