import { execFileSync, spawnSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase } from '@/records/openDatabase'
import { bundled } from '@tests/records/crashes/bundled'
import { isSaved, torn } from '@tests/records/oneWrite'
import { writeDemoRecords } from '../../../scripts/demo/writeDemoRecords'

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-faults-'))
const library = path.join(folder, 'faultyDisk.so')
const program = bundled('records/faults/writeOnFaultyDisk')

beforeAll(() => {
  // A missing compiler fails the test: without it nothing here is proved.
  execFileSync('cc', ['-shared', '-fPIC', '-O1', '-o', library, 'tests/records/faults/faultyDisk.c', '-ldl'])
})
afterAll(() => fs.rmSync(folder, { recursive: true, force: true }))

interface Outcome {
  saved: string[]
  refused: { what: string; sentence: string | null }[]
  fired: number
}

function demoIn(place: string): string {
  fs.mkdirSync(place, { recursive: true })
  const file = path.join(place, 'records.db')
  const records = openDatabase(file)
  writeDemoRecords(records, new Date('2026-11-24T12:00:00Z'))
  records.$client.close()
  return file
}

function run(command: string, args: readonly string[], env: Record<string, string> = {}): Outcome {
  const { stdout, stderr, status } = spawnSync(command, args, { encoding: 'utf8', env: { ...process.env, ...env } })
  expect(`${status} ${stderr}`).toMatch(/^0 /)
  return JSON.parse(stdout) as Outcome
}

/** Everything acknowledged is there, nothing refused is, and no write is half there. */
function expectNothingLost(file: string, { saved, refused }: Outcome): void {
  const records = openDatabase(file)
  expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
  expect(records.$client.pragma('foreign_key_check')).toEqual([])
  expect(saved.filter((what) => !isSaved(records, what))).toEqual([])
  const tables = ['weighings', 'fills', 'ticks', 'acceptances']
  const there = refused.filter(({ what }) => tables.some((table) => isSaved(records, `${table} ${what}`)))
  expect(there).toEqual([])
  expect(torn(records)).toBe(0)
  records.$client.close()
}

test.each([
  ['write', /disk does not answer/],
  ['sync', /disk does not answer/],
])(
  '100 writes refused for EIO at %s: each with a sentence, nothing acknowledged is lost',
  (scenario, sentence) => {
    const file = demoIn(path.join(folder, scenario))
    const orders = path.join(folder, `${scenario}.orders`)
    fs.writeFileSync(orders, Buffer.alloc(24))
    const outcome = run(process.execPath, [program, file, scenario, '100', orders], {
      LD_PRELOAD: library,
      FAULTS: orders,
    })
    expect(outcome.refused).toHaveLength(100)
    expect(outcome.fired).toBeGreaterThanOrEqual(100)
    expect(outcome.refused.filter((one) => !sentence.test(one.sentence ?? ''))).toEqual([])
    expectNothingLost(file, outcome)
  },
  120_000,
)

test('100 backups refused for EIO at rename: each with a sentence, and none is left half made', () => {
  const file = demoIn(path.join(folder, 'rename'))
  const orders = path.join(folder, 'rename.orders')
  fs.writeFileSync(orders, Buffer.alloc(24))
  const outcome = run(process.execPath, [program, file, 'rename', '100', orders], {
    LD_PRELOAD: library,
    FAULTS: orders,
  })
  expect(outcome.refused).toHaveLength(100)
  expect(outcome.refused.filter(({ sentence }) => !/disk does not answer/.test(sentence ?? ''))).toEqual([])
  expect(outcome.refused.filter(({ what }) => fs.existsSync(what))).toEqual([])
  expect(fs.readdirSync(path.join(path.dirname(file), 'backups'))).toEqual([])
}, 240_000)

describe('a full disk', () => {
  const place = path.join(folder, 'full')
  let mounted = false
  beforeAll(() => {
    fs.mkdirSync(place, { recursive: true })
    mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=4m', 'tmpfs', place]).status === 0
  })
  afterAll(() => {
    if (mounted) spawnSync('umount', [place])
  })

  test('200 writes: none acknowledged and lost, each refused with a sentence', () => {
    const file = demoIn(place)
    let outcome: Outcome
    if (mounted) {
      const ballast = path.join(place, 'ballast')
      outcome = run(process.execPath, [program, file, 'full', '200', ballast])
      fs.rmSync(ballast)
    } else {
      // Without a file system of its own: no file may grow beyond what the records have. SQLite calls that EFBIG an
      // error of the disk, and not a full one.
      const blocks = Math.ceil(fs.statSync(file).size / 1024)
      outcome = run('bash', [
        '-c',
        `ulimit -f ${blocks}; exec "$@"`,
        'bash',
        process.execPath,
        program,
        file,
        'full',
        '200',
      ])
    }
    expect(outcome.refused).toHaveLength(200)
    const sentence = mounted ? /the disk is full/ : /disk does not answer/
    expect(outcome.refused.filter((one) => !sentence.test(one.sentence ?? ''))).toEqual([])
    expectNothingLost(file, outcome)
  }, 120_000)

  test('200 writes to files that may not grow: refused as an error of the disk', () => {
    const file = demoIn(path.join(folder, 'limited'))
    // Room for the log of some writes.
    const outcome = run('bash', [
      '-c',
      'ulimit -f 512; exec "$@"',
      'bash',
      process.execPath,
      program,
      file,
      'full',
      '200',
    ])
    expect(outcome.refused).toHaveLength(200)
    expect(outcome.saved.length).toBeGreaterThan(0)
    expect(outcome.refused.filter(({ sentence }) => !/disk does not answer/.test(sentence ?? ''))).toEqual([])
    expectNothingLost(file, outcome)
  }, 120_000)
})
