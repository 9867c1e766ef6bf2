import config from './jest.config.mjs'

/** The tests that can tell a mutant of the judgments, without those that start other programs. */
const mutants = {
  ...config,
  globalSetup: undefined,
  maxWorkers: 1,
  testMatch: ['cylinders', 'fill', 'heat', 'trip', 'findings']
    .map((module) => `<rootDir>/tests/core/${module}/**/*.test.ts`)
    .concat('<rootDir>/tests/remembered/f*.test.ts'),
}

export default mutants
