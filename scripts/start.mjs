import { build } from './steps/build.mjs'
import { install } from './steps/install.mjs'
import { requireNode } from './steps/requireNode.mjs'
import { serve } from './steps/serve.mjs'

// `npm start`: serves the owner's records.
requireNode()
install()
await build()
await serve({}, null)
