import { build } from './steps/build.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { must, tool } from './steps/run.mjs'

// `npm run bench`: figures, no verdict.
requireNode()
install()
await build()
must(tool('tsx'), ['scripts/bench/bench.ts'])
