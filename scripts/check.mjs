import { spawn } from 'node:child_process'
import { root, tool } from './steps/run.mjs'

// `npm run check`: types, lint of the changed files, and the Jest tests they affect. For `npm test` see test.mjs.

/** Runs a command and resolves to whether it succeeded; its output is printed when it ends. */
function run(name, command, args) {
  return new Promise((resolve) => {
    let output = ''
    const child = spawn(command, args, { cwd: root })
    child.stdout.on('data', (chunk) => (output += chunk))
    child.stderr.on('data', (chunk) => (output += chunk))
    child.on('error', (error) => (output += error.message))
    child.on('close', (status) => {
      console.log(`── ${name}: ${status === 0 ? 'passed' : 'failed'}\n${status === 0 ? '' : output}`)
      resolve(status === 0)
    })
  })
}

/** Files that differ from a commit, by default from the last one, and new files. */
function changedFiles(base) {
  return new Promise((resolve) => {
    let output = ''
    const child = spawn('git', ['diff', '--name-only', '--diff-filter=d', base, '--', '*.ts', '*.tsx', '*.mjs'], {
      cwd: root,
    })
    child.stdout.on('data', (chunk) => (output += chunk))
    child.on('close', () => {
      const others = spawn('git', ['ls-files', '--others', '--exclude-standard', '--', '*.ts', '*.tsx', '*.mjs'], {
        cwd: root,
      })
      others.stdout.on('data', (chunk) => (output += chunk))
      others.on('close', () => resolve(output.split('\n').filter(Boolean)))
    })
  })
}

const base = process.argv[2] ?? 'HEAD'
const files = await changedFiles(base)
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
  run('Types', tool('tsc'), ['--noEmit']),
  files.length > 0 ? run(`Lint, ${files.length} files`, tool('eslint'), ['--no-warn-ignored', ...files]) : true,
  run('Jest, changed', tool('jest'), jest),
])
process.exit(results.every(Boolean) ? 0 : 1)
