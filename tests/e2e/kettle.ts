import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type ConsoleMessage, type Page, type Request } from '@playwright/test'

export { temporaryServer as startKettle, type TemporaryServer as Kettle } from '../../scripts/server'

/** Set to a number of milliseconds, every save takes that much longer: what does not wait for it then fails every time. */
const SLOW_SAVES_MS = Number(process.env.GOLD_KETTLE_SLOW_SAVES ?? 0)

const isSave = (request: Request): boolean => request.method() === 'POST' && 'next-action' in request.headers()

/**
 * Playwright's test with one more rule: a page is not left while a save is under way. A test that goes on before the
 * page says that it saved would pass or fail by chance.
 */
export const test = base.extend({
  context: async ({ context }, run) => {
    const saves = new Set<Request>()
    context.on('request', (request) => isSave(request) && saves.add(request))
    context.on('requestfinished', (request) => saves.delete(request))
    context.on('requestfailed', (request) => saves.delete(request))
    const requireSaved = (page: Page): void => {
      const open = [...saves].filter((request) => request.frame().page() === page)
      if (open.length > 0) throw new Error('The test leaves the page while it is saving: wait until the page says so.')
    }
    context.on('page', (page) => {
      const { goto, reload } = page
      page.goto = (...args) => (requireSaved(page), goto.apply(page, args))
      page.reload = (...args) => (requireSaved(page), reload.apply(page, args))
    })
    if (SLOW_SAVES_MS > 0) {
      await context.route('**', async (route) => {
        if (isSave(route.request())) await new Promise((resolve) => setTimeout(resolve, SLOW_SAVES_MS))
        await route.continue()
      })
    }
    await run(context)
  },
})

/** Collects what the browser complains of; a test that ends with complaints fails. */
export function watchConsole(page: Page): () => void {
  const complaints: string[] = []
  page.on('console', (message: ConsoleMessage) => {
    if (message.type() === 'error') complaints.push(`${message.text()} ${message.location().url}`)
  })
  page.on('pageerror', (error) => complaints.push(error.message))
  return () => expect(complaints).toEqual([])
}

/** What axe finds serious or worse on a page, each with the first element it is about. */
export async function gravelyWrong(page: Page): Promise<string[]> {
  // There is no frame of another origin here, and without them axe needs no page of its own for each look.
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const { violations } = await axe.analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id} ${nodes[0]?.html}`)
}
