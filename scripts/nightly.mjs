import { build } from './steps/build.mjs'
import { findChromium } from './steps/findChromium.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { run, tool } from './steps/run.mjs'

// `npm run nightly`: the attacks of docs/reliability.md, and valid requests to every calculation, with larger numbers than `npm test` has time for.
requireNode()
install()
await build()
const env = {
  GOLD_KETTLE_MUTATIONS: '1000',
  GOLD_KETTLE_FUZZ: '10000',
  GOLD_KETTLE_REQUESTS: '20000',
  CHROMIUM_PATH: findChromium(),
}
const statuses = [
  run(
    tool('jest'),
    ['tests/records/archive/untrusted', 'tests/records/archive/mutatedExports', 'tests/api/physics'],
    env,
  ),
  run(tool('playwright'), ['test', 'tests/e2e/server/fuzz.spec.ts', '--reporter=list'], env),
]
process.exit(statuses.every((status) => status === 0) ? 0 : 1)
