/** Core, records and routes; the built application is driven by Playwright. */
const config = {
  testEnvironment: 'node',
  // Generous, for a machine that others share.
  testTimeout: 60_000,
  // The default keeps one core free, which is half of two.
  maxWorkers: '100%',
  roots: ['<rootDir>/tests'],
  globalSetup: '<rootDir>/tests/setUp.mjs',
  globalTeardown: '<rootDir>/tests/tearDown.mjs',
  testPathIgnorePatterns: ['<rootDir>/tests/e2e/'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@tests/(.*)$': '<rootDir>/tests/$1' },
  // Packages that ship only ES modules, which Jest has to transform.
  transformIgnorePatterns: ['/node_modules/(?!(ml-|is-any-array|react-hotkeys-hook|d3-|internmap))'],
  transform: {
    '^.+\\.m?[jt]sx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
}

export default config
