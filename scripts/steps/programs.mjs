import path from 'node:path'
import { root } from './run.mjs'

/**
 * Bundles the programs that run beside the server, each into one file that plain Node starts quickly.
 *
 * @param folder - inside the project, so that the packages are found
 */
export async function bundlePrograms(folder) {
  // Imported late: it is installed after this file is read.
  const { buildSync } = await import('esbuild')
  buildSync({
    entryPoints: [path.join(root, 'src/programs/recordsProgram.ts')],
    outfile: path.join(root, folder, 'recordsProgram.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['better-sqlite3'],
    mainFields: ['module', 'main'],
    logLevel: 'error',
    // Some packages use require.
    banner: { js: `import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);` },
  })
}
