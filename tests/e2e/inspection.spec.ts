import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('a defect retires the cylinder; only a licensed person returns it to service; the history keeps both', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${kettle.url}/cylinders/left/look-over`)
  await page.getByRole('button', { name: cylindersLabels.saveTheLookOver }).click()
  await expect(page.getByText('Look at something first.')).toBeVisible()
  const item = (title: string) => page.getByRole('group', { name: new RegExp(title) })
  await item('No bulge').getByLabel(cylindersLabels.notSo).check()
  await item('No deep rust').getByLabel(cylindersLabels.sound).check()
  await expect(page.getByText('Saved so, it is out of service', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: cylindersLabels.saveTheLookOver }).click()
  const retired = page.getByRole('form', { name: cylindersLabels.outOfService })
  await expect(retired).toContainText('no bulge')

  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await expect(page.getByText('A weight alone is kept under Cylinders', { exact: false })).toBeVisible()
  await expect(page.getByRole('button', { name: fillLabels.saveTheFill })).toHaveCount(0)
  await page.getByRole('link', { name: 'See what was found' }).click()

  await retired.getByRole('button', { name: cylindersLabels.backIntoService }).click()
  await expect(retired.getByText('Say who looked at it.')).toBeVisible()
  await retired.getByLabel(cylindersLabels.whoClearedIt).fill('the dealer at Larkspur')
  await retired.getByLabel(cylindersLabels.whatWasSaidOrDone).fill('a shadow, no bulge')
  await retired.getByRole('button', { name: cylindersLabels.backIntoService }).click()
  await expect(retired).toBeHidden()
  await page.getByRole('link', { name: cylindersLabels.weigh, exact: true }).click()
  const history = page.getByRole('region', { name: sharedLabels.history })
  await expect(history).toContainText('By the dealer at Larkspur: a shadow, no bulge')
  await expect(history).toContainText('Not so: no bulge')
})

test('hoses and alarms: inspected with one tap, entered with a month, overdue ones reported', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/cylinders/equipment`)
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  await expect(findings).toContainText('Left pigtail is past its time: October 2024.')
  await page.getByRole('button', { name: 'CO alarm is sound' }).click()
  await expect(findings).not.toContainText('Look CO alarm over.')
  await page.getByRole('button', { name: sharedLabels.undo }).click()
  await expect(findings).toContainText('Look CO alarm over.')

  await page.getByRole('button', { name: 'Change Left pigtail' }).click()
  const form = page.getByRole('form', { name: 'Change Left pigtail' })
  await form.getByLabel(cylindersLabels.monthItWasMade).fill('13-24')
  await expect(form.getByText('There is no month 13.')).toBeVisible()
  await form.getByLabel(cylindersLabels.monthItWasMade).fill('03-26')
  await form.getByRole('button', { name: cylindersLabels.save }).click()
  await expect(findings).not.toContainText('Left pigtail is past its time')
  quiet()
})

test('contents by liquid height and by gauge; a pressure gauge is recognized', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left/level`)
  await page.getByLabel(cylindersLabels.heightOfTheLiquid).fill('6')
  await page.getByLabel(sharedLabels.insideDiameter).fill('12')
  await page.getByLabel(cylindersLabels.insideHeight).fill('4')
  await expect(page.getByText('shorter than its two dished ends', { exact: false })).toBeVisible()
  await page.getByLabel(cylindersLabels.insideHeight).fill('15')
  const slip = page.getByRole('region', { name: 'Left cylinder' })
  await expect(slip).toContainText('9.8 lb')
  await page.getByLabel(cylindersLabels.anInLinePressureGaugeShows).fill('40')
  await expect(page.getByText('the liquid is all but gone', { exact: false })).toBeVisible()
  await page.getByLabel(cylindersLabels.howItIsTold).selectOption({ label: 'by its gauge' })
  await page.getByLabel(sharedLabels.theGaugeShows).fill('9/8')
  await expect(page.getByText('from empty to full', { exact: false })).toBeVisible()
  await page.getByLabel(sharedLabels.theGaugeShows).fill('4/8')
  await expect(slip).toContainText('40 %')
  await page.getByRole('button', { name: cylindersLabels.saveTheReading }).click()
  await expect(page.getByText('Reading of Left cylinder saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('40 % of its inside is liquid')
})

test('hot car, cold night: the limits that matter, as a table too, and for other temperatures', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/cylinders/soda/heat`)
  await page.getByLabel(cylindersLabels.withThisMuchInIt).fill('5')
  await expect(page.locator('.heat-chart').getByText(cylindersLabels.n54OfServicePressure)).toBeVisible()
  await expect(page.locator('.heat-chart').getByText(cylindersLabels.burstDiscGoes)).toBeVisible()
  // Liquid-full: an estimate, with its half-width behind the figure.
  await expect(page.getByText(/about\s80\s°F/).first()).toBeVisible()
  await page.getByText(cylindersLabels.asATable).click()
  await expect(page.getByRole('row')).toHaveCount(12)
  await page.getByLabel(cylindersLabels.withThisMuchInIt).fill('40')
  await expect(page.getByText('more than fits', { exact: false })).toBeVisible()
  quiet()
})
