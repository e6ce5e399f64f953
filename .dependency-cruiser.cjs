/** The arrows of docs/architecture.md: web → contract → core ← server, one door a module, no circles. */
const MODULE = '^(core/src/[^/]+)/';
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-knows-nobody',
      comment:
        'The core is pure: no page, server, contract, Node or DOM library. Only its own two packages.',
      severity: 'error',
      from: { path: '^core/src', pathNot: ['\\.test\\.ts$', '/tests/'] },
      to: { pathNot: ['^core/src', 'node_modules/(jstat|pure-rand)/'] },
    },
    {
      name: 'core-through-the-door',
      comment: 'A module of the core is entered by its index.ts.',
      severity: 'error',
      from: { path: MODULE, pathNot: ['\\.test\\.ts$', '/tests/'] },
      to: { path: '^core/src/[^/]+/', pathNot: ['^$1/', '/index\\.ts$'] },
    },
    {
      name: 'others-through-the-door',
      severity: 'error',
      from: { path: '^(contract|server|web|e2e|bench|scripts)/' },
      to: { path: '^core/src/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'contract-knows-the-core-only',
      severity: 'error',
      from: { path: '^contract/src' },
      to: { path: '^(server|web)/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^web/' },
    },
    {
      name: 'web-takes-types-only-of-the-contract',
      comment: 'The validators would double the first load.',
      severity: 'error',
      from: { path: '^web/src', pathNot: '^web/src/stores/recordWorkshop\\.ts$' },
      to: { path: '^contract/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'validators-are-fetched-when-needed',
      comment:
        'What is recorded of the workshop is checked before it is kept; the first page does without.',
      severity: 'error',
      from: { path: '^web/src/stores/recordWorkshop\\.ts$' },
      to: { path: '^contract/', dependencyTypesNot: ['type-only', 'dynamic-import'] },
    },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^server/' },
    },
    {
      name: 'tests-are-not-used',
      severity: 'error',
      from: { pathNot: ['\\.test\\.ts$', '/tests/'] },
      to: { path: ['\\.test\\.ts$', '/src/.*/tests/'] },
    },
    {
      name: 'no-orphans',
      severity: 'error',
      from: { orphan: true, pathNot: ['\\.d\\.ts$', '\\.config\\.(ts|mjs)$', '^scripts/'] },
      to: {},
    },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
