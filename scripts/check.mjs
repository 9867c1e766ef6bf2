import { execFileSync } from 'node:child_process'
import { root, runAside, tool } from './steps/run.mjs'

// `npm run check`: types, lint of the changed files, and the Jest tests they affect. For `npm test` see test.mjs.

async function check(name, command, args) {
  const isPassed = await runAside(command, args)
  console.log(`── ${name}: ${isPassed ? 'passed' : 'failed'}\n`)
  return isPassed
}

const git = (...args) =>
  execFileSync('git', [...args, '--', '*.ts', '*.tsx', '*.mjs'], { cwd: root, encoding: 'utf8' })
    .split('\n')
    .filter(Boolean)

const base = process.argv[2] ?? 'HEAD'
const files = [
  ...git('diff', '--name-only', '--diff-filter=d', base),
  ...git('ls-files', '--others', '--exclude-standard'),
]
const jest = [
  '--changedSince',
  base,
  '--passWithNoTests',
  '--testPathIgnorePatterns',
  'tests/e2e',
  'tests/records/crashes',
  'tests/records/archive/generated',
]
const results = await Promise.all([
  check('Types', tool('tsc'), ['--noEmit']),
  files.length > 0 ? check(`Lint, ${files.length} files`, tool('eslint'), ['--no-warn-ignored', ...files]) : true,
  check('Jest, changed', tool('jest'), jest),
])
process.exit(results.every(Boolean) ? 0 : 1)
