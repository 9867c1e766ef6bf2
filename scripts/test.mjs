import { spawnSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { build } from './steps/build.mjs'
import { findChromium } from './steps/findChromium.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { root, run, runAside, tool } from './steps/run.mjs'

// `npm test`: types, lint, format, Jest, build, Playwright; the last line gives the totals.

const reports = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-test-'))
let passed = 0
let failed = 0

function count(name, more, less) {
  passed += more
  failed += less
  console.log(`\n── ${name}: ${more} passed, ${less} failed\n`)
}

/** A step that passes or fails, beside others. */
async function check(name, command, args) {
  const isPassed = await runAside(command, args)
  count(name, isPassed ? 1 : 0, isPassed ? 0 : 1)
}

/** A test runner that writes a report; one that dies without a report counts as one failure. */
function suite(name, command, args, env, reportFile, read) {
  const status = run(command, args, env)
  try {
    const [more, less] = read(JSON.parse(fs.readFileSync(reportFile, 'utf8')))
    count(name, more, status !== 0 && less === 0 ? 1 : less)
  } catch (error) {
    console.error(`${name} left no report: ${error.message}`)
    count(name, 0, 1)
  }
}

requireNode()
install()

spawnSync(tool('next'), ['typegen'], { cwd: root, stdio: 'ignore' })
// Each uses one core.
await Promise.all([
  check('Types', tool('tsc'), ['--noEmit']).then(() =>
    check('Format', tool('prettier'), ['--check', '--log-level', 'warn', '.']),
  ),
  check('Lint', tool('eslint'), ['.']),
])

/** Jest as if the machine stood in a time zone. */
function jestIn(zone, args) {
  const report = path.join(reports, `jest-${zone.replace('/', '-')}.json`)
  suite(
    `Jest in ${zone}`,
    tool('jest'),
    [...args, '--json', '--outputFile', report, '--silent=false'],
    { TZ: zone },
    report,
    ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => [
      numPassedTests,
      numFailedTests + numRuntimeErrorTestSuites,
    ],
  )
}

// Everything where the clock changes twice a year; what counts days and hours also where it is half an hour or three
// quarters off, and where it never changes.
jestIn('America/Denver', [])
const ofTime = [
  'tests/core/time/',
  'tests/core/trip/(remainingTrip|usageCalibration|swap|tripCard|dayList|dueDates)',
  'tests/core/run/(habits|forecast)',
  'tests/app/(log|history|leakHistory|rigSnapshot|tripForm)',
  'tests/actions/events',
  'tests/records/logbook',
]
for (const zone of ['America/St_Johns', 'Asia/Kathmandu', 'UTC']) jestIn(zone, ofTime)

await build()
count('Build', 1, 0)

const playwrightReport = path.join(reports, 'playwright.json')
suite(
  'Playwright',
  tool('playwright'),
  ['test'],
  { CHROMIUM_PATH: findChromium(), PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightReport },
  playwrightReport,
  ({ stats }) => [stats.expected, stats.unexpected + stats.flaky],
)

console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
