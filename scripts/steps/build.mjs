import { fingerprint, isStamped, putStamp } from './fingerprint.mjs'
import { bundlePrograms } from './programs.mjs'
import { must, tool } from './run.mjs'

const STAMP = '.next/gold-kettle-built'

/** Builds the application when it is missing or older than its sources. */
export async function build() {
  const stamp = fingerprint(['src', 'public', 'next.config.ts', 'tsconfig.json', 'package-lock.json'])
  if (isStamped(STAMP, stamp)) return
  console.log('Building …')
  must(tool('next'), ['build'])
  await bundlePrograms('.next/programs')
  putStamp(STAMP, stamp)
}
