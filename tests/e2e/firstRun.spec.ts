import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { heatLabels } from '@/ui/terms/heatLabels'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('empty')
})
test.afterAll(() => kettle.stop())

test('from nothing to a first verdict on a phone in at most 25 inputs; errors are shown on their page', async ({
  page,
}) => {
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  let inputs = 0
  const type = async (label: string, text: string): Promise<void> => {
    inputs += 1
    await page.getByLabel(label).fill(text)
  }
  const click = async (name: string): Promise<void> => {
    inputs += 1
    await page.getByRole('button', { name }).click()
  }
  await page.goto(kettle.url)
  await expect(page).toHaveURL(/\/begin$/)
  await type('What do you call your rig?', 'Heron')
  await click('Go on')
  inputs += 1
  await page.getByText('20 lb cylinder', { exact: true }).click()
  // Less than its tare: reported, and the page stays.
  await type('On the scale now', '37.5 stone of gas')
  await click('Go on')
  await expect(page.getByText(sharedLabels.theTrip, { exact: true })).toBeVisible()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toBeVisible()
  await type('On the scale now', '37.5')
  await type('Month it was made, on its collar', '03-20')
  await page.reload()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('37.5')
  await click('Go on')
  inputs += 2
  await page.getByLabel(/^Catalytic panel/).check()
  await page.getByLabel(/^Cooktop/).check()
  await click('Go on')
  // An inherited rig: “not known” is accepted everywhere.
  await click('Go on')
  await type('Where to', 'The lake')
  await type('Coldest night', '28')
  await click('See the verdict')
  // An unvented heater without a CO alarm is a stop.
  await expect(page.locator('.verdict')).toContainText('Stop')
  await expect(page.locator('.verdict')).toContainText('The gas is enough')
  expect(inputs).toBeLessThanOrEqual(25)
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  await expect(findings).toContainText('Where Catalytic panel stands is not drawn.')
  await expect(findings).toContainText('The line from cylinder to appliance is not drawn.')
  await expect(page.getByRole('link', { name: /The lake|Heron/ }).first()).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})

test('another rig, with everything skipped: no error, and nothing is called ready', async ({ page }) => {
  await page.goto(`${kettle.url}/begin`)
  for (let i = 0; i < 4; i += 1) await page.getByRole('button', { name: sharedLabels.goOn }).click()
  await page.getByLabel(sharedLabels.nights).fill('none')
  await page.getByRole('button', { name: sharedLabels.seeTheVerdict }).click()
  await expect(page.getByText(sharedLabels.enterAWholeNumberOfNights)).toBeVisible()
  await page.getByLabel(sharedLabels.nights).fill('2')
  await page.getByLabel(sharedLabels.altitude).fill('20000 m')
  await page.getByRole('button', { name: sharedLabels.seeTheVerdict }).click()
  await expect(page.getByText(/The altitude must lie between/).first()).toBeVisible()
  await page.getByLabel(sharedLabels.altitude).fill('')
  await page.getByRole('button', { name: sharedLabels.seeTheVerdict }).click()
  await expect(page.locator('.verdict')).toContainText('Fix first')
  await expect(page.locator('.rig-name')).toHaveText('My rig')
})

test('the heater of a new rig, on a phone and in metric: asked for, entered, placed, judged', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(kettle.url)
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByText('What heats the rig is not entered.')).toBeVisible()
  await page
    .getByRole('listitem')
    .filter({ hasText: 'What heats the rig is not entered.' })
    .getByRole('link', { name: 'Enter them' })
    .click()
  await page.getByLabel(heatLabels.nothingHeatsThisRig).click()
  await expect(page.getByLabel(heatLabels.nothingHeatsThisRig)).toBeChecked()
  await page.getByLabel(heatLabels.nothingHeatsThisRig).click()
  await expect(page.getByLabel(heatLabels.nothingHeatsThisRig)).not.toBeChecked()

  await page.getByLabel(sharedLabels.kind, { exact: true }).selectOption('portable-radiant')
  await page.getByLabel('Front').fill('60 cm')
  await page.getByRole('button', { name: heatLabels.saveTheHeater }).click()
  await expect(page.getByText(heatLabels.commonPracticeItsManualsAreWanted)).toBeVisible()

  await page.getByRole('link', { name: heatLabels.openingsAndAir }).click()
  await page.getByRole('link', { name: sharedLabels.drawTheRoom }).click()
  await page.getByRole('button', { name: /^Truck cap/ }).click()
  await page.getByRole('button', { name: heatLabels.putItOnThePlan }).click()
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  await expect(findings).toContainText('lacks')
  const places = page.getByRole('region', { name: heatLabels.whereItCouldStand })
  await places.getByRole('button', { name: heatLabels.lookForPlaces }).click()
  // So small a room has no place beside its bed: the page says what would have to move, and how far.
  await expect(places.getByRole('status')).toContainText('Nowhere in this room.')
  await expect(places.getByRole('status')).toContainText(/Bed, by \d+\scm/)
  await places.getByRole('button', { name: heatLabels.showItThere }).click()
  await expect(findings).toContainText(/Bed lacks \d+\scm/)
  await page.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(page).toHaveURL(/room=(?!new)/)
  await page.goto(kettle.url)
  await expect(page.getByText('No CO alarm that works', { exact: false })).toBeVisible()
  await expect(page.getByText(/must stand open in Truck cap/)).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})

test('runtime: 16.4 oz at 9,000 BTU/h', async ({ page }) => {
  await page.goto(`${kettle.url}/run/cylinder`)
  await page.getByLabel(sharedLabels.gas, { exact: true }).fill('16.4 oz')
  await page.getByLabel(sharedLabels.burning).fill('9,000')
  const hours = Number(
    (
      await page.getByRole('region', { name: runLabels.howLongItLasts }).locator('.slip-result .number').innerText()
    ).replace(/[^\d.]/g, ''),
  )
  expect(hours).toBeGreaterThanOrEqual(2.4)
  expect(hours).toBeLessThanOrEqual(2.5)
})
