import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import fs from 'node:fs'
import net from 'node:net'
import os from 'node:os'
import path from 'node:path'

const root = path.resolve(import.meta.dirname, '..')
const tool = (name: string): string => path.join(root, 'node_modules', '.bin', name)

/** The built application with its own records: for tests, measurements and screenshots. */
export interface TemporaryServer {
  url: string
  port: number
  file: string
  pid: () => number
  /** Kills it as a power cut would. */
  kill: () => Promise<number | null>
  /** Asks it to stop, and waits; its exit code. */
  terminate: () => Promise<number | null>
  /** Starts it again on the same port and records. */
  restart: () => Promise<void>
  /** Stops it and deletes its records. */
  stop: () => Promise<void>
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = net.createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo
      probe.close(() => resolve(port))
    })
  })
}

function launch(port: number, file: string, env: Readonly<Record<string, string>>): Promise<ChildProcess> {
  const settings = { GOLD_KETTLE_BIND: '127.0.0.1', ...env }
  const server = spawn(process.execPath, ['server.mjs'], {
    cwd: root,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      GOLD_KETTLE_DB: file,
      GOLD_KETTLE_PORT: String(port),
      ...settings,
    },
  })
  return new Promise((resolve, reject) => {
    let complaint = ''
    server.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${complaint}`)))
    server.stdout?.on('data', (chunk: Buffer) => {
      if (/Gold Kettle is at/.test(chunk.toString())) resolve(server)
    })
    server.stderr?.on('data', (chunk: Buffer) => {
      complaint += chunk.toString()
      process.stderr.write(chunk)
    })
  })
}

function end(server: ChildProcess, signal: NodeJS.Signals): Promise<number | null> {
  if (server.exitCode !== null || server.signalCode !== null) return Promise.resolve(server.exitCode)
  return new Promise((resolve) => {
    server.removeAllListeners('exit')
    server.once('exit', (code) => resolve(code))
    server.kill(signal)
  })
}

/**
 * Starts the built application on a free port.
 *
 * @param records - the demo, or empty records
 * @param env - further settings
 * @param before - done to the records before the server starts
 */
export async function temporaryServer(
  records: 'demo' | 'empty',
  env: Readonly<Record<string, string>> = {},
  before: (file: string) => void = () => undefined,
): Promise<TemporaryServer> {
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'gold-kettle-')), 'records.db')
  const prepared = spawnSync(tool('tsx'), ['scripts/prepare.ts', ...(records === 'demo' ? ['--demo'] : [])], {
    cwd: root,
    env: { ...process.env, GOLD_KETTLE_DB: file },
  })
  if (prepared.status !== 0) throw new Error(prepared.stderr.toString())
  before(file)
  const port = await freePort()
  let server = await launch(port, file, env)
  return {
    url: `http://127.0.0.1:${port}`,
    port,
    file,
    pid: () => server.pid ?? 0,
    kill: () => end(server, 'SIGKILL'),
    terminate: () => end(server, 'SIGTERM'),
    restart: async () => {
      server = await launch(port, file, env)
    },
    stop: async () => {
      await end(server, 'SIGTERM')
      fs.rmSync(path.dirname(file), { recursive: true, force: true })
    },
  }
}
