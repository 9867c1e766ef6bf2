import { build } from './steps/build.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { must, tool } from './steps/run.mjs'

// `npm run bench`: figures, no verdict.
requireNode()
install()
await build()
// Bundled like the server: a loader that compiles at start would be measured too.
const bundled = '.next/bench.mjs'
must(tool('esbuild'), [
  'scripts/bench/bench.ts',
  '--bundle',
  '--platform=node',
  '--format=esm',
  '--packages=external',
  '--log-level=warning',
  `--outfile=${bundled}`,
])
must('node', [bundled])
