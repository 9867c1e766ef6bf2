import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { fileURLToPath } from 'node:url'

// Written so that even a Node too old gets as far as being told so.
export const root = fileURLToPath(new URL('../..', import.meta.url))

/** Folder of the programs that npm installed. */
export function tool(name) {
  return path.join(root, 'node_modules', '.bin', name)
}

/**
 * Runs a program to its end with its output shown.
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

/** Runs a program and ends with its status when it fails. */
export function must(command, args, env) {
  const status = run(command, args, env)
  if (status !== 0) process.exit(status)
}
