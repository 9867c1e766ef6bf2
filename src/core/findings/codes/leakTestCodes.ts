import { fixFirst, opens, stop, type StationCodes } from '@/core/findings/findingFacts'

const soap = opens('Soap the line', 'leak-test')

export const leakTestCodes = {
  'leak-left': stop(['line', 20], opens('To the leak test', 'leak-test'), 'leak-test-due'),
  'leak-open': stop(['line', 20], opens('To the leak test', 'leak-test'), 'leak-test-due'),
  'leak-test-missing': fixFirst(['line', 20], soap, 'leak-test-due'),
  'leak-test-unfinished': fixFirst(['line', 20], opens('Go on with it', 'leak-test'), 'leak-test-due'),
  'line-changed-since-test': fixFirst(['line', 20], soap, 'leak-test-due'),
  'refilled-since-test': fixFirst(['line', 10], soap, 'leak-test-due'),
  'hold-fell': stop(['line', 30], opens('To the hold test', 'leak-test', 'hold'), 'leak-test-due'),
} as const satisfies StationCodes
