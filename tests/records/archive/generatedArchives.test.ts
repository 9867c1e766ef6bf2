import { spawnSync } from 'node:child_process'
import { bundled } from '@tests/records/crashes/bundled'
import { temporaryFile } from '@tests/records/temporary'

test('a thousand generated archives export, import and export again with the same bytes', () => {
  const { stdout, stderr, status } = spawnSync(
    process.execPath,
    [bundled('records/archive/archiveRoundTrip'), temporaryFile(), '1000'],
    { encoding: 'utf8' },
  )
  expect(`${status} ${stderr}`).toMatch(/^0 /)
  const { runs, rows } = JSON.parse(stdout) as { runs: number; rows: number }
  expect(runs).toBe(1000)
  // The generated archives are not all empty.
  expect(rows).toBeGreaterThan(5000)
}, 300_000)
