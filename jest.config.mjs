/** Unit and reference tests run in plain Node; TypeScript goes through swc. */
export default {
  testEnvironment: 'node',
  // Left to itself Jest leaves one core idle: of two that is half of them.
  maxWorkers: 2,
  roots: ['<rootDir>/tests/unit', '<rootDir>/tests/reference'],
  testMatch: ['**/*.test.ts'],
  // A guard against what never ends, not a measure: a busy machine may be ten times slower than an idle one.
  testTimeout: 120_000,
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
  transform: {
    '^.+\\.(m?[tj]s)$': [
      '@swc/jest',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript' } }, module: { type: 'commonjs' } },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(culori|pure-rand|d3-[a-z-]+|internmap)/)'],
}
