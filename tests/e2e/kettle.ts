import http from 'node:http'
import AxeBuilder from '@axe-core/playwright'
import {
  expect,
  test as base,
  type BrowserContext,
  type ConsoleMessage,
  type Page,
  type Request,
} from '@playwright/test'

/** A request with headers that a browser does not allow. */
export function sendRaw(
  { port, host = '127.0.0.1' }: { port: number; host?: string },
  method: string,
  place: string,
  headers: Record<string, string>,
  body: string | Buffer = '',
): Promise<{ status: number; headers: http.IncomingHttpHeaders; text: string }> {
  return new Promise((resolve, reject) => {
    const request = http.request({ host, port, method, path: place, headers }, (response) => {
      let text = ''
      response.on('data', (chunk: Buffer) => (text += chunk.toString()))
      response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }))
    })
    request.on('error', reject)
    request.end(body)
  })
}

export { temporaryServer as startKettle, type TemporaryServer as Kettle } from '../../scripts/server'

/**
 * Set to a number of milliseconds, every save takes that much longer and no page may be left while it saves. A test
 * that goes on before the page says that it saved passes or fails by chance; this makes it fail every time. Saves that
 * the page makes on its own count too, so a test that only looks at pages may fail as well.
 */
const SLOW_SAVES_MS = Number(process.env.GOLD_KETTLE_SLOW_SAVES ?? 0)

const isSave = (request: Request): boolean => request.method() === 'POST' && 'next-action' in request.headers()

async function slowSaves(context: BrowserContext): Promise<void> {
  const saves = new Set<Request>()
  context.on('request', (request) => isSave(request) && saves.add(request))
  context.on('response', (response) => saves.delete(response.request()))
  context.on('requestfailed', (request) => saves.delete(request))
  context.on('page', (page) => {
    const requireSaved = (): void => {
      if ([...saves].some((request) => request.frame().page() === page)) {
        throw new Error('The test leaves the page while it saves: wait until the page says that it saved.')
      }
    }
    const { goto, reload } = page
    page.goto = (...args) => (requireSaved(), goto.apply(page, args))
    page.reload = (...args) => (requireSaved(), reload.apply(page, args))
  })
  await context.route('**', async (route) => {
    if (isSave(route.request())) await new Promise((resolve) => setTimeout(resolve, SLOW_SAVES_MS))
    await route.continue()
  })
}

/** Playwright's test; see `SLOW_SAVES_MS`. */
export const test = base.extend({
  context: async ({ context }, run) => {
    if (SLOW_SAVES_MS > 0) await slowSaves(context)
    await run(context)
  },
})

/** Collects the browser's errors and warnings; a test that ends with any fails. */
export function watchConsole(page: Page): () => void {
  const complaints: string[] = []
  page.on('console', (message: ConsoleMessage) => {
    if (message.type() === 'error') complaints.push(`${message.text()} ${message.location().url}`)
  })
  page.on('pageerror', (error) => complaints.push(error.message))
  return () => expect(complaints).toEqual([])
}

/** Serious or worse axe violations of a page, each with its first element. */
export async function gravelyWrong(page: Page): Promise<string[]> {
  // The app has no frames of other origins, so axe can run in the page itself.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const { violations } = await axe.analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)
}
