import { spawn, spawnSync } from 'node:child_process'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

// Uses only syntax that an old Node can parse, so that it can say it is too old.
export const root = fileURLToPath(new URL('../..', import.meta.url))

/** Folder of the executables that npm installed. */
export function tool(name) {
  return path.join(root, 'node_modules', '.bin', name)
}

/**
 * Runs a program to its end and shows its output.
 *
 * @returns its exit status
 */
export function run(command, args = [], env = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  })
  if (error) console.error(`${command} could not be started: ${error.message}`)
  return status ?? 1
}

/**
 * Runs a program beside others; its output is shown when it ends, so that parallel programs do not mix.
 *
 * @returns whether it succeeded
 */
export function runAside(command, args) {
  return new Promise((resolve) => {
    let said = ''
    const child = spawn(command, args, { cwd: root, env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } })
    child.stdout.on('data', (chunk) => (said += chunk))
    child.stderr.on('data', (chunk) => (said += chunk))
    child.on('error', (error) => (said += `${command} could not be started: ${error.message}`))
    child.on('close', (status) => {
      console.log(said)
      resolve(status === 0)
    })
  })
}

/** Runs a program and exits with its status when it fails. */
export function must(command, args, env) {
  const status = run(command, args, env)
  if (status !== 0) process.exit(status)
}
