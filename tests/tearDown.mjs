import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'

/** After all tests: removes the folder that setUp made for temporary files. */
export default function tearDown() {
  const folder = os.tmpdir()
  if (!path.basename(folder).startsWith('gold-kettle-tests-')) return
  fs.rmSync(folder, { recursive: true, force: true })
}
