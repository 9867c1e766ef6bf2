import { bundlePrograms } from '../scripts/steps/programs.mjs'

/** Before all tests: the programs that the records start, from the present sources. */
export default async function setUp() {
  const folder = 'node_modules/.gold-kettle-tests/programs'
  await bundlePrograms(folder)
  process.env.GOLD_KETTLE_PROGRAMS = folder
}
