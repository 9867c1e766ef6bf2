import fs from 'node:fs'
import path from 'node:path'
import { z } from '@/core/base/zod'

const manifestSchema = z.object({ version: z.string() })

let known: string | null = null

/** Version of this program, as its package says. */
export function programVersion(): string {
  const file = path.resolve(/* turbopackIgnore: true */ 'package.json')
  known ??= manifestSchema.parse(JSON.parse(fs.readFileSync(file, 'utf8'))).version
  return known
}
