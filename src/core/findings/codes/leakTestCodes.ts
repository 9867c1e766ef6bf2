import { mustFix, opens, type StationCodes, stop } from '@/core/findings/findingFacts'

const soap = opens('Soap the line', 'leak-test')

export const leakTestCodes = {
  'leak-left': stop(['line', 20], opens('To the leak test', 'leak-test'), 'leak-test-due'),
  'leak-open': stop(['line', 20], opens('To the leak test', 'leak-test'), 'leak-test-due'),
  'leak-test-missing': mustFix(['line', 20], soap, 'leak-test-due'),
  'leak-test-unfinished': mustFix(['line', 20], opens('Go on with it', 'leak-test'), 'leak-test-due'),
  'line-changed-since-test': mustFix(['line', 20], soap, 'leak-test-due'),
  'refilled-since-test': mustFix(['line', 10], soap, 'leak-test-due'),
  'hold-fell': stop(['line', 30], opens('To the hold test', 'leak-test', 'hold'), 'leak-test-due'),
} as const satisfies StationCodes
