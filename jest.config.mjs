const transform = {
  '^.+\\.[jt]sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: { legacyDecorator: true, react: { runtime: 'automatic' } },
        target: 'es2022',
      },
    },
  ],
};
/** ESM-only packages that have to be turned for Jest. */
const transformIgnorePatterns = ['/node_modules/(?!(pure-rand|uuid|jstat|@stdlib)/)'];
/** Globals are looked up through the test's own context each time, fifteen times as slowly: those of the computation are handed in. */
const sandboxInjectedGlobals = [
  'Math',
  'Number',
  'Infinity',
  'Object',
  'Array',
  'Map',
  'Set',
  'WeakMap',
  'String',
  'JSON',
];
const project = (name, testMatch) => ({
  displayName: name,
  rootDir: import.meta.dirname,
  testMatch: testMatch.map((pattern) => `<rootDir>/${pattern}`),
  testEnvironment: 'node',
  transform,
  transformIgnorePatterns,
  sandboxInjectedGlobals,
});

/** Unit tests of the core, the contract, the pages' models, and the server against a real database. */
export default {
  // A bound for what hangs, not for what is slow: how fast things are is measured by the benches.
  testTimeout: 120_000,
  projects: [
    project('core', ['core/src/**/*.test.ts', 'scripts/**/*.test.ts']),
    project('contract', ['contract/src/**/*.test.ts']),
    project('web', ['web/src/**/*.test.ts']),
    project('server', ['server/src/**/*.test.ts']),
  ],
  collectCoverageFrom: [
    'core/src/**/*.ts',
    '!core/src/**/index.ts',
    '!core/src/**/*.d.ts',
    '!core/src/**/*.test.ts',
    '!core/src/**/tests/**',
  ],
};
