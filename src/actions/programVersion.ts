import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/findings/schema'

const manifestSchema = z.object({ version: z.string() })

/** Version of this program, as its package says. */
export function programVersion(): string {
  const file = path.resolve(/* turbopackIgnore: true */ 'package.json')
  return manifestSchema.parse(JSON.parse(fs.readFileSync(file, 'utf8'))).version
}
