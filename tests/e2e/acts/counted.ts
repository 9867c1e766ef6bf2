import type { Locator, Page } from '@playwright/test'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A page whose taps and typed entries are counted, as somebody with a phone makes them. */
export function counted(page: Page) {
  const made = { taps: 0, entries: 0 }
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  const tap = async (what: Locator): Promise<void> => {
    made.taps += 1
    await what.click()
  }
  return {
    made,
    tap,
    choose: async (what: Locator, option: string): Promise<void> => {
      made.taps += 1
      await what.selectOption(option)
    },
    type: async (label: string, text: string): Promise<void> => {
      made.entries += 1
      await page.getByLabel(label).fill(text)
    },
    press: (name: string | RegExp): Promise<void> => tap(page.getByRole('button', { name, exact: true })),
    go: (name: string): Promise<void> => tap(page.getByRole('link', { name, exact: true })),
    station: (name: RegExp): Promise<void> =>
      tap(page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link', { name })),
    fix: (words: string, button: string): Promise<void> =>
      tap(findings.getByRole('listitem').filter({ hasText: words }).getByRole('link', { name: button }).first()),
    findings,
  }
}
