import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { bundlePrograms } from '../scripts/steps/programs.mjs'

/** Before all tests: the programs that the records start, from the present sources, and one folder for temporary files. */
export default async function setUp() {
  const folder = 'node_modules/.gold-kettle-tests/programs'
  await bundlePrograms(folder)
  process.env.GOLD_KETTLE_PROGRAMS = folder
  process.env.TMPDIR = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-tests-'))
}
