import net from 'node:net'
import { portProblem } from './portProblem.mjs'
import { must, root, tool } from './run.mjs'

const DEFAULT_PORT = 4680

/** The port to serve on, from `GOLD_KETTLE_PORT` or `PORT`; exits with a sentence when invalid. */
function chosenPort() {
  const text = process.env.GOLD_KETTLE_PORT ?? process.env.PORT ?? String(DEFAULT_PORT)
  const port = Number(text)
  if (Number.isInteger(port) && port >= 1 && port <= 65535) return port
  console.error(`“${text}” is not a port: set GOLD_KETTLE_PORT to a whole number from 1 to 65535.`)
  process.exit(1)
}

function requireFree(port, host) {
  return new Promise((resolve) => {
    const probe = net.createServer()
    probe.once('error', (error) => {
      console.error(portProblem(error, port, host))
      process.exit(1)
    })
    probe.listen(port, host, () => probe.close(() => resolve()))
  })
}

/**
 * Prepares the records and serves them in this process, which prints the address once it answers.
 *
 * @param env - environment variables beyond the process's own
 * @param prepare - arguments of the script that prepares the records; null when there is nothing to prepare
 */
export async function serve(env, prepare) {
  const port = chosenPort()
  const host = process.env.GOLD_KETTLE_BIND || '127.0.0.1'
  await requireFree(port, host)
  if (prepare) must(tool('tsx'), ['scripts/prepare.ts', ...prepare], env)
  Object.assign(process.env, env, {
    NODE_ENV: 'production',
    NEXT_TELEMETRY_DISABLED: '1',
    GOLD_KETTLE_PORT: String(port),
    GOLD_KETTLE_BIND: host,
  })
  process.chdir(root)
  await import('../../server.mjs')
}
