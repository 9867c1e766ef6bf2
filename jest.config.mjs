/** Core, records and routes; the built application is driven by Playwright. */
const config = {
  testEnvironment: 'node',
  // Left to itself it keeps a core free, which on two of them is half.
  maxWorkers: '100%',
  roots: ['<rootDir>/tests'],
  testPathIgnorePatterns: ['<rootDir>/tests/e2e/'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@tests/(.*)$': '<rootDir>/tests/$1' },
  // Packages of plain modules, which Jest cannot take as they are.
  transformIgnorePatterns: ['/node_modules/(?!(ml-|is-any-array|react-hotkeys-hook|d3-|internmap))'],
  transform: {
    '^.+\\.[jt]sx?$': [
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
