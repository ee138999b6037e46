import config from '../../jest.config.mjs';

/** The suites that are asked for, of the core alone: see `tools/mutation.mjs`. */
const core = config.projects.find((project) => project.displayName === 'core');
export default {
  ...core,
  rootDir: import.meta.dirname,
  testTimeout: config.testTimeout,
  testMatch: [
    `<rootDir>/test/(${process.env.MUTATION_SUITES ?? '*'}).test.ts`.replace(
      /\(([^)]*)\)/,
      (_all, names) => `+(${names})`,
    ),
  ],
};
