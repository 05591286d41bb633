const swc = [
  '@swc/jest',
  { jsc: { target: 'es2022', parser: { syntax: 'typescript' } }, module: { type: 'commonjs' } },
]

/** What all tests share; TypeScript goes through swc. */
const shared = {
  testMatch: ['**/*.test.ts'],
  // Globals of a sandbox are slow to look up; arithmetic asks for these all the time.
  sandboxInjectedGlobals: [
    'Math',
    'Float32Array',
    'Float64Array',
    'Uint8Array',
    'Uint32Array',
    'Number',
    'Infinity',
  ],
  transform: { '^.+\\.(m?[tj]s)$': swc, '\\.vue$': '<rootDir>/tests/support/vue-transform.cjs' },
  moduleNameMapper: { '^~~/(.*)$': '<rootDir>/$1' },
}

export default {
  // Left to itself Jest leaves one core idle: of two that is half of them.
  maxWorkers: 2,
  // A guard against what never ends, not a measure: a busy machine may be ten times slower than an idle one.
  testTimeout: 120_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      roots: ['<rootDir>/tests/unit', '<rootDir>/tests/reference'],
      transformIgnorePatterns: ['/node_modules/(?!(culori|pure-rand|d3-polygon)/)'],
    },
    {
      ...shared,
      displayName: 'components',
      sandboxInjectedGlobals: [],
      transform: { ...shared.transform, '^.+\\.(m?[tj]s)$': '<rootDir>/tests/support/page-transform.cjs' },
      testEnvironment: '<rootDir>/tests/support/browser-environment.cjs',
      roots: ['<rootDir>/tests/components'],
      setupFilesAfterEnv: ['fake-indexeddb/auto', '<rootDir>/tests/support/nuxt-globals.ts'],
      // Packages for browsers come as modules; all are read alike.
      transformIgnorePatterns: [],
      testEnvironmentOptions: { customExportConditions: ['node', 'node-addons'] },
    },
  ],
}
