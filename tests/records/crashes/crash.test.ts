import { spawn } from 'node:child_process'
import path from 'node:path'
import { findLine, listLineChanges } from '@/records/repositories/lines/lines'
import { listWeighings } from '@/records/repositories/cylinders/weighings'
import { openDatabase } from '@/records/openDatabase'
import { temporaryFile } from '@tests/records/temporary'

/** Starts a writer, waits for some acknowledged rows, and kills it as a power cut would. */
function killedAfter(file: string, rows: number, writes = 'crashes/writeUntilKilled'): Promise<string[]> {
  const writer = spawn(path.resolve('node_modules/.bin/tsx'), [`tests/records/${writes}.ts`, file], {
    detached: true,
  })
  let said = ''
  let complaint = ''
  return new Promise((resolve, reject) => {
    writer.stderr.on('data', (chunk: Buffer) => (complaint += chunk.toString()))
    writer.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString()
      // The whole process group, since the program runs in a child process.
      if (said.split('\n').length > rows && writer.pid) process.kill(-writer.pid, 'SIGKILL')
    })
    writer.on('close', () => {
      const whole = said.slice(0, said.lastIndexOf('\n')).split('\n')
      if (whole.length < rows) reject(new Error(`Only ${whole.length} rows: ${complaint}`))
      else resolve(whole)
    })
  })
}

test.each([1, 20, 150])(
  'killed after %d weighings: every acknowledged one is there, and the file is sound',
  async (rows) => {
    const file = temporaryFile()
    const acknowledged = await killedAfter(file, rows)
    const records = openDatabase(file)
    expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
    expect(records.$client.pragma('foreign_key_check')).toEqual([])
    const kept = new Set(listWeighings(records, 'left').map(({ id }) => id))
    expect(acknowledged.filter((id) => !kept.has(id))).toEqual([])
    records.$client.close()
  },
  30_000,
)

test.each([1, 25])(
  'killed after %d saves of a line: the line and its history agree',
  async (rows) => {
    const file = temporaryFile()
    const acknowledged = await killedAfter(file, rows, 'crashes/saveLinesUntilKilled')
    const records = openDatabase(file)
    expect(records.$client.pragma('integrity_check', { simple: true })).toBe('ok')
    const version = findLine(records, 'house')?.version ?? 0
    expect(version).toBeGreaterThanOrEqual(Number(acknowledged.at(-1)))
    // One change per version after the first: version and change were both written, or neither.
    expect(listLineChanges(records, 'house')).toHaveLength(version)
    records.$client.close()
  },
  30_000,
)
