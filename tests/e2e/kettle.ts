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
