import { buildSync } from 'esbuild'
import fs from 'node:fs'
import path from 'node:path'

/**
 * A script of these tests as one file that node starts at once, for those that are started fifty times.
 *
 * @param name - of a script beside this one
 * @returns where it lies; among the packages, so that it finds the one that cannot be bundled
 */
export function bundled(name: string): string {
  const outfile = path.resolve('node_modules', '.gold-kettle-tests', `${name}.mjs`)
  fs.mkdirSync(path.dirname(outfile), { recursive: true })
  buildSync({
    entryPoints: [path.resolve('tests', 'records', `${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['better-sqlite3'],
    mainFields: ['module', 'main'],
    logLevel: 'silent',
    // Some packages ask for others by the older way.
    banner: { js: `import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);` },
  })
  return outfile
}
