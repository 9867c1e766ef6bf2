import { expect, type Page } from '@playwright/test'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

const place = (page: Page) => page.getByRole('region', { name: leakTestLabels.thePlaceToSoap })

/** Proves the pressure of every cylinder of the line by a burner on it, as the open sheet asks. Returns the taps. */
export async function provePressure(page: Page): Promise<number> {
  const proved = page.getByRole('list', { name: leakTestLabels.places }).getByText('proved', { exact: true })
  const steady = place(page).getByRole('button', { name: /^(Burned|Gas came) steadily/ })
  let taps = 0
  await expect(steady).toBeVisible()
  for (; (await steady.count()) > 0; taps += 1) {
    const heading = await place(page).getByRole('heading').innerText()
    await steady.click()
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeHidden()
  }
  expect(await proved.count()).toBeGreaterThan(0)
  return taps
}

/** Soaps every place without bubbles, after the pressure was proved. Returns the taps. */
export async function soapEveryPlace(page: Page): Promise<number> {
  const progress = page.locator('.soap-progress')
  const places = Number(/of (\d+) places/.exec(await progress.innerText())?.[1])
  for (let i = 0; i < places; i += 1) {
    await expect(progress).toContainText(`${i} of ${places} places soaped`)
    await place(page).getByRole('button', { name: /^None/ }).click()
  }
  return places
}

/** Closes the test with what burned or took gas. */
export async function closeTest(page: Page, burned: string): Promise<void> {
  await page.getByLabel(/^It (burned|took gas)$/).selectOption(burned)
  await page.getByRole('button', { name: leakTestLabels.closeTheTest }).click()
  await expect(page.getByRole('region', { name: leakTestLabels.beginALeakTest })).toContainText('Closed')
}
