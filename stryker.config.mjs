/**
 * Mutation testing of what must never be wrong: verdict, fitness to use, fill and carry, clearance. Run by
 * `npm run mutants`, which takes some hours on two cores.
 */
const config = {
  testRunner: 'jest',
  plugins: ['@stryker-mutator/jest-runner'],
  // Related tests are not all found through the path alias; coverage chooses the tests instead.
  jest: { configFile: 'jest.mutants.config.mjs', enableFindRelatedTests: false },
  coverageAnalysis: 'perTest',
  mutate: [
    'src/core/findings/verdict.ts',
    'src/core/trip/readiness/readiness.ts',
    'src/core/trip/readiness/refusedAtPump.ts',
    'src/core/cylinders/fitness/*.ts',
    'src/core/cylinders/limits/*.ts',
    'src/core/fill/fillFindings.ts',
    'src/core/fill/transport/transportCheck.ts',
    'src/core/heat/clearance/clearanceCheck.ts',
    'src/core/heat/clearance/clearanceTo.ts',
    'src/core/heat/clearance/exitState.ts',
    'src/core/heat/clearance/leastMargins.ts',
    'src/core/heat/clearance/placedFindings.ts',
    'src/core/heat/clearance/walkGrid.ts',
  ],
  // Sentences are tested where they are read; a changed letter is no changed judgment.
  mutator: { excludedMutations: ['StringLiteral'] },
  thresholds: { high: 90, low: 80, break: 80 },
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: 'test-results/mutants.json' },
  clearTextReporter: { reportTests: false, allowColor: false },
  tempDirName: 'test-results/mutants',
  disableTypeChecks: false,
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 30_000,
}

export default config
