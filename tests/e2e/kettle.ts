import AxeBuilder from '@axe-core/playwright'
import { expect, type ConsoleMessage, type Page } from '@playwright/test'

export { temporaryServer as startKettle, type TemporaryServer as Kettle } from '../../scripts/server'

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
