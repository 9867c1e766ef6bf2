import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { provePressure } from './acts/soap'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const place = (page: Page) => page.getByRole('region', { name: leakTestLabels.thePlaceToSoap })
const tell = (page: Page, grade: RegExp) => place(page).getByRole('button', { name: grade }).click()
const soaped = (page: Page, count: number) =>
  expect(page.locator('.soap-progress')).toContainText(`${count} of 37 places soaped`)
const station = (page: Page) =>
  page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link', { name: /Leak test/ })

test('the sheet with one thumb: a leak repaired, one left for a technician, then closed', async ({ page }) => {
  test.setTimeout(240_000)
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${kettle.url}/leak-test?line=house`)
  await expect(page.getByText(leakTestLabels.changedSinceItsLastTest)).toBeVisible()
  await page.getByRole('button', { name: leakTestLabels.beginAtTheCylinder }).click()
  // A gauge that shows next to nothing proves nothing; the right one of each pigtail does.
  await expect(place(page)).toContainText('Pressure of Left cylinder')
  const gauge = async (shows: string): Promise<void> => {
    await page.getByLabel(leakTestLabels.itsGaugeShows).fill(shows)
    await page.getByLabel(leakTestLabels.temperatureOfTheCylinder).fill('60')
    await page.getByRole('button', { name: leakTestLabels.logTheGauge }).click()
  }
  await page.getByRole('button', { name: leakTestLabels.logTheGauge }).click()
  await expect(place(page)).toContainText('Enter what the gauge shows')
  await gauge('3')
  await expect(place(page)).toContainText('Not tested. Under the vapor pressure')
  await gauge('92')
  await expect(place(page)).toContainText('Pressure of Right cylinder')
  await gauge('92')
  await page.getByRole('button', { name: leakTestLabels.noGaugeSoapFirst }).click()
  await expect(place(page)).toContainText('Left cylinder: valve’s foot')
  await tell(page, /^None/)
  await soaped(page, 1)
  // The second leaks: it is on the vessel, and goes to a technician.
  await tell(page, /^Slow beads/)
  await expect(place(page)).toContainText('No wrench on a fitting threaded into a vessel')
  await page.getByRole('button', { name: leakTestLabels.leaveItForATechnician }).click()
  await expect(page.getByRole('region', { name: leakTestLabels.leaks })).toContainText('left for a technician')
  await expect(place(page)).toContainText('Left cylinder: valve stem')
  for (let i = 2; i < 36; i += 1) {
    await soaped(page, i)
    await tell(page, /^None/)
  }
  await soaped(page, 36)
  await tell(page, /^Fast bubbles/)
  await expect(place(page)).toContainText('Everybody out')
  await tell(page, /^None/)
  await soaped(page, 37)
  await expect(page.locator('.soap-progress')).toContainText('1 leaking')
  await expect(page.getByRole('button', { name: leakTestLabels.closeTheTest })).toHaveCount(0)
  await expect(station(page)).toContainText('stop')

  // A reload changes nothing. The vessel is repaired by a technician, with a name and a day, not by a tap.
  await page.reload()
  await page.getByRole('button', { name: leakTestLabels.mendedSoapIt }).click()
  await tell(page, /^None/)
  await expect(place(page)).toContainText('Enter the name of the technician or shop')
  await page.getByLabel(leakTestLabels.technicianOrShop).fill('Northgate Gas')
  await page.getByLabel(leakTestLabels.dayOfTheRepair).fill('2026-01-05')
  await tell(page, /^None/)
  // What was soaped after a repair, or before any proof, counts when a burner burned on each cylinder.
  await expect(page.locator('.soap-progress')).toContainText('under no proved pressure')
  await expect(page.getByRole('button', { name: leakTestLabels.closeTheTest })).toHaveCount(0)
  await provePressure(page)
  await page.getByRole('button', { name: leakTestLabels.closeTheTest }).click()
  await expect(page.getByText('Choose the appliance that burned', { exact: false })).toBeVisible()
  await page.getByLabel(leakTestLabels.itBurned).selectOption('Fridge')
  await page.getByRole('button', { name: leakTestLabels.closeTheTest }).click()
  await expect(page.getByRole('region', { name: leakTestLabels.beginALeakTest })).toContainText('Closed')
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText(
    '2 repaired, closed with Fridge running',
  )
  quiet()
})

test('the sheet prints black on white, with every place on it', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test?line=soda-line`)
  await page.getByRole('button', { name: leakTestLabels.beginAtTheCylinder }).click()
  await expect(place(page)).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  const sheet = page.locator('.print-only')
  await expect(sheet).toBeVisible()
  await expect(page.locator('.masthead')).toBeHidden()
  await expect(sheet.locator('tbody tr')).toHaveCount(await page.locator('.place-list li').count())
  await expect(sheet.locator('h1')).toHaveCSS('color', 'rgb(0, 0, 0)')
})

test('a hold test: the columns typed, the fall judged, what it means, and its branch', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test/hold?line=house`)
  const fill = async (values: readonly string[]): Promise<void> => {
    const labels = ['Start: open column', 'Start: gas column', 'End: open column', 'End: gas column', 'Time between']
    for (const [i, label] of labels.entries()) await page.getByLabel(label).fill(values[i] ?? '')
  }
  await fill(['5.5', '5.5', '5.5', '5.5', '3'])
  const slip = page.getByRole('region', { name: 'House line' })
  await expect(slip).toContainText(/11\.0\sinWC/)
  await expect(page.locator('.verdict')).toContainText('Begun too high')
  await fill(['4', '4', '4', '4', '3'])
  await expect(page.locator('.verdict')).toContainText('Held')
  // What was typed for one side, and its running timer, do not show on the other.
  await page.getByRole('button', { name: leakTestLabels.startTheThreeMinutes }).click()
  await page.locator('#hold-side').selectOption('cylinder')
  await expect(page.getByLabel(leakTestLabels.timeBetween)).toHaveValue('')
  await expect(page.getByRole('button', { name: leakTestLabels.startTheQuarterOfAnHour })).toBeVisible()
  await page.locator('#hold-side').selectOption('low')
  await expect(page.getByLabel(leakTestLabels.timeBetween)).toHaveValue('3')
  await expect(page.getByRole('button', { name: leakTestLabels.startTheThreeMinutes })).toBeHidden()
  await fill(['4', '4', '3.9', '3.9', '3'])
  await page.getByLabel(leakTestLabels.linesTemperatureAtTheStart).fill('60')
  await page.getByLabel(leakTestLabels.andAtTheEnd).fill('40')
  await expect(page.locator('.verdict')).toContainText('Fell: it leaks')
  await page.getByLabel(leakTestLabels.andAtTheEnd).fill('60')
  await page.getByLabel(leakTestLabels.spaceItLeaksInto).fill('700')
  await expect(slip).toContainText('The space burns from')
  await expect(slip).toContainText('never the time one has')
  await fill(['4', '4', '4.2', '4.2', '3'])
  await expect(page.locator('.verdict')).toContainText('Rose: no good test')
  await page.getByLabel(leakTestLabels.readBy).selectOption('ruler')
  await fill(['4', '12', '4', '12', '3'])
  await expect(page.getByText('they are the wrong way round', { exact: false }).first()).toBeVisible()
  await expect(slip).toContainText('and the time between them')

  // The appliances isolated in turn.
  await page.getByLabel(leakTestLabels.readBy).selectOption('middle')
  const holds: readonly (readonly [string | null, readonly string[]])[] = [
    [null, ['4', '4', '4', '4', '3']],
    ['Fridge', ['4', '4', '4', '4', '3']],
    ['Cooktop', ['4', '4', '3.5', '3.5', '3']],
  ]
  for (const [open, values] of holds) {
    await fill(values)
    await page.getByLabel(leakTestLabels.inThisHoldSomeBranchesAre).check()
    if (open) await page.getByRole('group', { name: leakTestLabels.openInThisHold }).getByLabel(open).check()
    await page.getByRole('button', { name: leakTestLabels.saveTheHoldTest }).click()
    await expect(page.getByRole('region', { name: leakTestLabels.whichBranch })).toContainText(
      open ? `Open: ${open}` : 'All shut',
    )
  }
  await expect(page.getByText('It is the branch to Cooktop.')).toBeVisible()
})

test('the simulated manometer is read live, and captured into the focused field', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test/hold?line=house`)
  await page.getByLabel(leakTestLabels.followTheManometerLive).check()
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  await page.getByLabel('Start: open column').focus()
  await page.getByRole('button', { name: sharedLabels.openTheValve }).click()
  // Half a column is 6.3 in when the regulator has locked up, and less on the way there.
  await expect(page.getByTestId('manometer-reading')).toContainText(/12\.6\d?\sinWC/)
  await expect(page.locator('.u-tube')).toContainText(/live: 12\.6\d?\sinWC/)
  await page.getByLabel('Start: open column').focus()
  await page.getByRole('button', { name: sharedLabels.captureTheOpenColumn }).click()
  await expect(page.getByLabel('Start: open column')).toHaveValue(/^6\.3/)
})

test('a loss over days from two weighings; a fill between is refused', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test/loss`)
  await page.getByLabel(sharedLabels.price).fill('1')
  const slip = page.getByRole('region', { name: 'Left cylinder' })
  await expect(slip.locator('.slip-result')).toContainText(/6\.2\slb/)
  await expect(slip).toContainText('per week')
  const [latest, first] = await page.getByLabel('Earlier reading').locator('option').allTextContents()
  await page.getByLabel('Earlier reading').selectOption({ label: latest ?? '' })
  await page.getByLabel('Later reading').selectOption({ label: first ?? '' })
  await expect(page.getByText('An hour at least lies between two readings.')).toBeVisible()
})
