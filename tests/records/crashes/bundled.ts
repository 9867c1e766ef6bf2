import { buildSync } from 'esbuild'
import fs from 'node:fs'
import path from 'node:path'

/**
 * Bundles a script of these tests into one file, for scripts that are started fifty times.
 *
 * @param name - of a script in tests, without its ending
 * @returns its path, inside node_modules so that it finds the package that cannot be bundled
 */
export function bundled(name: string): string {
  const outfile = path.resolve('node_modules', '.gold-kettle-tests', `${name}.mjs`)
  fs.mkdirSync(path.dirname(outfile), { recursive: true })
  buildSync({
    entryPoints: [path.resolve('tests', `${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['better-sqlite3'],
    mainFields: ['module', 'main'],
    logLevel: 'silent',
    // Some packages use require.
    banner: { js: `import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);` },
  })
  return outfile
}
