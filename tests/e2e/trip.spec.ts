import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const verdict = (page: Page) => page.locator('.verdict')

test('the demo trip stops, says why, and links to the place', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(kettle.url)
  await expect(verdict(page)).toContainText('Stop')
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  await expect(findings).toContainText('Bottle 2 is overfilled by 1.4 oz.')
  await expect(findings).toContainText('Weigh Bottle 3: its contents are unknown.')
  await expect(findings).toContainText('Soda cylinder was weighed')
  await findings.getByRole('link', { name: 'See the weighing' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bottle 2')
  quiet()
})

test('hours change the balance at once, and a saved trip survives a reload', async ({ page }) => {
  await page.goto(`${kettle.url}/trips/larkspur`)
  const slip = page.getByRole('region', { name: 'The rig’s line' })
  await expect(slip).toContainText('Left over')
  await page.getByLabel('Hours a day, Panel heater').fill('24')
  await page.getByLabel(sharedLabels.nights).fill('14')
  await expect(slip).toContainText('Short by')
  await expect(verdict(page)).toContainText('Stop')
  await expect(page.getByText(/There is not enough on the rig’s line/)).toBeVisible()

  // Typed but not saved: kept through a reload, and marked unsaved.
  await page.reload()
  await expect(page.getByLabel(sharedLabels.nights)).toHaveValue('14')
  await expect(page.getByText(sharedLabels.notSavedYet)).toBeVisible()

  await page.getByLabel('Hours a day, Panel heater').fill('6 h 30 min')
  await page.getByLabel(sharedLabels.nights).fill('3')
  await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await expect(page.getByText('Trip to Larkspur Saddle saved')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Hours a day, Panel heater')).toHaveValue('6.5')
  await expect(slip).toContainText('Left over')
  await expect(page.getByText(sharedLabels.notSavedYet)).toHaveCount(0)
})

test('what is saved, or typed back, is no longer a draft', async ({ page }) => {
  const drafts = (): Promise<string[]> =>
    page.evaluate(() => Object.keys(sessionStorage).filter((key) => key.includes('typed trip')))
  await page.goto(`${kettle.url}/trips/larkspur`)
  const nights = page.getByLabel(sharedLabels.nights)
  const saved = await nights.inputValue()
  await nights.fill('9')
  expect(await drafts()).toHaveLength(1)
  await nights.fill(saved)
  expect(await drafts()).toEqual([])

  // Twice in a row: the second save must not meet the first as somebody else's.
  for (const count of ['5', saved]) {
    await nights.fill(count)
    await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
    await expect(page.locator('.notices').getByText('Trip to Larkspur Saddle saved')).toBeVisible()
    await expect(page.getByText(sharedLabels.notSavedYet)).toHaveCount(0)
    expect(await drafts()).toEqual([])
    await page.reload()
    await expect(nights).toHaveValue(count)
  }
})

test('two tabs: the later save is refused with both versions shown, and the owner chooses', async ({
  page,
  context,
}) => {
  await page.goto(`${kettle.url}/trips/larkspur`)
  const other = await context.newPage()
  await other.goto(`${kettle.url}/trips/larkspur`)
  await other.getByLabel(sharedLabels.nights).fill('5')
  await other.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await expect(other.getByText('Trip to Larkspur Saddle saved')).toBeVisible()

  await page.getByLabel(sharedLabels.nights).fill('6')
  await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  const note = page.getByRole('alert').filter({ hasText: 'Which one shall stand?' })
  await expect(note.getByRole('row', { name: /Nights/ })).toContainText('5')
  await expect(note.getByRole('row', { name: /Nights/ })).toContainText('6')
  await expect(page.getByLabel(sharedLabels.nights)).toHaveValue('6')
  await note.getByRole('button', { name: sharedLabels.saveMineOverIt }).click()
  await expect(page.getByText('Trip to Larkspur Saddle saved')).toBeVisible()
  await expect(page.getByText('6 nights').first()).toBeVisible()
})

test('edits over an older version survive a reload, and still do not overwrite the newer one', async ({
  page,
  context,
}) => {
  await page.goto(`${kettle.url}/trips/larkspur`)
  await page.getByLabel(sharedLabels.nights).fill('9')
  const other = await context.newPage()
  await other.goto(`${kettle.url}/trips/larkspur`)
  await other.getByLabel(sharedLabels.nights).fill('7')
  await other.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await expect(other.getByText('Trip to Larkspur Saddle saved')).toBeVisible()

  await page.reload()
  await expect(page.getByLabel(sharedLabels.nights)).toHaveValue('9')
  await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await page.getByRole('button', { name: sharedLabels.takeTheOtherOne }).click()
  await expect(page.getByLabel(sharedLabels.nights)).toHaveValue('7')
  await expect(page.getByText(sharedLabels.notSavedYet)).toBeHidden()
})

test('a server that dies: nothing saved is lost, and what is not saved is reported and kept', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('33.3')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Left cylinder saved')).toBeVisible()
  // The response has arrived in full: a stream cut off in the middle would break the page itself.
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('33.3 lb')
  await page.waitForLoadState('networkidle')
  await kettle.kill()

  await page.getByLabel(sharedLabels.onTheScaleNow).fill('30.1')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText(/Not saved: the server does not answer/)).toBeVisible()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('30.1')

  await kettle.restart()
  await page.reload()
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('33.3 lb')
  await expect(page.getByRole('region', { name: sharedLabels.history })).not.toContainText('30.1 lb')
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('30.1')
})
