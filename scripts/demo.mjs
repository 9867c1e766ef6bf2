import { build } from './steps/build.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { serve } from './steps/serve.mjs'

// `npm run demo`: serves the demo rig, the Marigold, from a file of its own.
requireNode()
install()
await build()
const fresh = process.argv.includes('--fresh') ? ['--fresh'] : []
await serve({ GOLD_KETTLE_DB: process.env.GOLD_KETTLE_DB ?? 'data/demo.db' }, ['--demo', ...fresh])
