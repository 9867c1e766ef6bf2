import http from 'node:http'
import next from 'next'
import { portProblem } from './scripts/steps/portProblem.mjs'

// Serves the built application. `scripts/steps/serve.mjs` prepares the records and the settings, and starts it.

const port = Number(process.env.GOLD_KETTLE_PORT)
const bind = process.env.GOLD_KETTLE_BIND || '127.0.0.1'

/** Longest wait for running requests when the program stops. */
const DRAIN_MS = 10_000
const MAX_CONNECTIONS = 500
/** Routes that read their own body. */
const OWN_FORMS = ['/recovery', '/sign-in', '/sign-out']

const app = next({ dev: false, dir: import.meta.dirname, hostname: bind, port })
await app.prepare()
// Set by src/services/startProgram.ts, which Next has run by now.
const program = globalThis.goldKettleProgram
if (!program || program.refusal !== null) {
  console.error(program?.refusal ?? 'The application did not start: build it first by npm start.')
  process.exit(1)
}
const handle = app.getRequestHandler()

let stopping = false
const running = new Set()

function answer(response, status, title, headers = {}) {
  response.writeHead(status, { 'content-type': 'application/problem+json', ...headers })
  response.end(JSON.stringify({ title, status, issues: [] }))
}

/** Whether a path is one: percent signs that decode, and no steps upward that a later part could take. */
function isProperPath(url) {
  const path = url.split('?', 1)[0]
  if (!path.startsWith('/') || path.startsWith('//') || /[\\\0]|%00|%2f|%5c|%2e/i.test(path)) return false
  try {
    return !decodeURIComponent(path).split('/').includes('..')
  } catch {
    return false
  }
}

/** Requests that reached an action: see src/actions/shared/act.ts. */
const reached = (globalThis.goldKettleActions = new Set())
let requests = 0

/** Next answers 500 when it cannot decode the input of an action; that is bad input, and answered so. */
function answerUndecoded(request, response) {
  const type = request.headers['content-type'] ?? ''
  const isAction =
    request.headers['next-action'] !== undefined ||
    /^(multipart\/form-data|application\/x-www-form-urlencoded)/i.test(type)
  if (!isAction || OWN_FORMS.includes(request.url.split('?', 1)[0])) return
  requests += 1
  const name = String(requests)
  request.headers['x-gold-kettle-request'] = name
  const { writeHead } = response
  response.writeHead = (status, ...rest) =>
    writeHead.call(response, status === 500 && !reached.has(name) ? 400 : status, ...rest)
  response.once('close', () => reached.delete(name))
}

const server = http.createServer((request, response) => {
  if (stopping) {
    return answer(response, 503, 'Gold Kettle is stopping. Try again in a moment.', {
      'retry-after': '5',
      connection: 'close',
    })
  }
  if (!isProperPath(request.url ?? '')) return answer(response, 400, 'This address cannot be read.')
  // Pages that Next keeps for itself.
  if (/^\/_(?!next\/)/.test(request.url)) return answer(response, 404, 'There is no such page.')
  for (const name of Object.keys(request.headers)) {
    if (name.startsWith('x-forwarded-') || name.startsWith('x-gold-kettle-') || name.startsWith('x-middleware-')) {
      delete request.headers[name]
    }
  }
  request.headers['x-gold-kettle-sender'] = request.socket.remoteAddress ?? ''
  if (request.method === 'POST') answerUndecoded(request, response)
  running.add(response)
  response.once('close', () => running.delete(response))
  handle(request, response).catch((error) => {
    console.error(error)
    if (!response.headersSent) answer(response, 500, 'Something went wrong here. Try again.')
    else response.destroy()
  })
})
// Half-open and idle connections end by themselves.
server.headersTimeout = 10_000
server.requestTimeout = 120_000
server.keepAliveTimeout = 5_000
server.connectionsCheckingInterval = 5_000
server.maxConnections = MAX_CONNECTIONS
server.on('clientError', (error, socket) => {
  if (error.code === 'ECONNRESET' || !socket.writable) return socket.destroy()
  socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\nContent-Length: 0\r\n\r\n')
})

/** Waits for what runs, then writes everything into the one file. */
async function stop(status) {
  if (stopping) return
  stopping = true
  server.close()
  server.closeIdleConnections()
  const end = Date.now() + DRAIN_MS
  while (running.size > 0 && Date.now() < end) await new Promise((resolve) => setTimeout(resolve, 20))
  let isClosed = false
  try {
    isClosed = program.stop()
  } catch (error) {
    console.error(`The records could not be closed: ${error.message}`)
    process.exit(1)
  }
  if (!isClosed)
    console.error('The file of the records was replaced while the program was running; nothing was written into it.')
  process.exit(isClosed ? status : 1)
}

process.on('SIGTERM', () => void stop(0))
process.on('SIGINT', () => void stop(0))
process.on('SIGHUP', () => void stop(0))
for (const event of ['uncaughtException', 'unhandledRejection']) {
  process.on(event, (error) => {
    console.error(error)
    void stop(1)
  })
}

server.on('error', (error) => {
  console.error(portProblem(error, port, bind))
  void stop(1)
})

const ANY_ADDRESS = ['0.0.0.0', '::', '[::]']

server.listen(port, bind.replace(/^\[|\]$/g, ''), () => {
  const names = ANY_ADDRESS.includes(bind) ? ['localhost', ...program.networkNames] : [bind]
  console.log(`\nGold Kettle is at ${names.map((name) => `http://${name}:${port}`).join('\n               or ')}`)
  if (program.problem !== null)
    console.log(`${program.problem} Open http://localhost:${port}/recovery to choose what takes its place.`)
  console.log('Stop it with Ctrl + C.')
})
