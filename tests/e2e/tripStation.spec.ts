import { expect, type Page } from '@playwright/test'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { openDatabase } from '../../src/records/openDatabase'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { fillLabels } from '@/ui/terms/fillLabels'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const tab = (page: Page, name: string) =>
  page.getByRole('navigation', { name: tripsLabels.viewsOfTheTrip }).getByRole('link', { name, exact: true })

test('the day’s list on a phone: by place, with money and time, ticked and still ticked after a reload', async ({
  page,
}) => {
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(kettle.url)
  await page.getByRole('link', { name: tripsLabels.allOfItAsTheDays }).click()
  await expect(page.locator('.big-figure')).toContainText('24')
  const pump = page.getByRole('region', { name: fillLabels.atThePump })
  await expect(pump).toContainText(/Fill Bottle 1: [\d.]+\soz more, stop at [\d.]+\soz\./)
  await expect(pump).toContainText('$')
  await pump.getByRole('checkbox').first().click()
  await expect(pump.locator('li.done')).toHaveCount(1)
  await page.reload()
  await expect(pump.getByRole('checkbox').first()).toBeChecked()
  // A tick fixes nothing: the verdict stays the same.
  await expect(page.locator('.big-figure')).toContainText('24')
  await page.getByRole('region', { name: 'To buy' }).getByRole('link').first().click()
  await expect(page).not.toHaveURL(/list$/)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})

test('step by step for this rig; a blocking step waits; each is in the log', async ({ page }) => {
  await page.goto(`${kettle.url}/trips/larkspur/steps`)
  const rail = page.getByRole('region', { name: sharedLabels.beforeLeaving })
  await expect(rail).toContainText('Look over Left cylinder and Right cylinder')
  await expect(rail.getByRole('button', { name: /^Step 2:/ })).toBeDisabled()
  await rail.getByRole('button', { name: /^Step 1:/ }).press('Enter')
  await expect(rail.getByRole('button', { name: /^Step 2:/ })).toBeEnabled()
  await page.getByLabel(tripsLabels.which).selectOption('Swap at night')
  await expect(page.getByRole('region', { name: 'Swap at night' })).toContainText('Lever to the other side')
  await page.goto(`${kettle.url}/log?kind=steps`)
  await expect(page.getByRole('region', { name: sharedLabels.logbook })).toContainText('trip before')
})

test('the trip card: one page on paper, black on white, with a code; the leak sheet too', async ({ page, request }) => {
  await page.goto(`${kettle.url}/trips/larkspur/card`)
  const card = page.getByRole('article', { name: tripsLabels.tripCard })
  await expect(card).toContainText('Left cylinder: 13.6')
  await expect(card).toContainText('never permission')
  await expect(card.getByRole('img', { name: /^Printed code/ })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation', { name: sharedLabels.stations })).toBeHidden()
  await expect(page.getByRole('navigation', { name: tripsLabels.viewsOfTheTrip })).toBeHidden()
  const colors = await card.evaluate((element) => {
    const shown = [element, ...element.querySelectorAll('h2, h3, li, p')].map((one) => getComputedStyle(one))
    return [...new Set(shown.map(({ color }) => color)), getComputedStyle(element).backgroundColor]
  })
  expect(colors).toEqual(['rgb(0, 0, 0)', 'rgb(255, 255, 255)'])
  const printed = (await page.pdf({ format: 'Letter' })).toString('latin1')
  expect(printed.match(/\/Type\s*\/Page\b/g)).toHaveLength(1)

  for (const [place, pages] of [
    ['/trips/larkspur/card/pdf', 1],
    ['/leak-test/sheet', 2],
  ] as const) {
    const response = await request.get(kettle.url + place)
    expect(response.headers()['content-type']).toBe('application/pdf')
    const pdf = (await response.body()).toString('latin1')
    expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(pages)
    expect(pdf).toContain('[0 0 612 792]')
  }
})

test('dates: exported to the calendar, and those due before the trip’s end on the first page', async ({
  page,
  request,
}) => {
  await page.goto(kettle.url)
  const due = page.getByRole('region', { name: tripsLabels.dueBeforeTheTripsEnd })
  await expect(due).toContainText('October 2024 Left pigtail: replace')
  await due.getByRole('link', { name: 'All dates' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'March 2030: Left cylinder' })).toBeVisible()
  const calendar = await request.get(`${kettle.url}/log/dates/calendar`)
  expect(calendar.headers()['content-type']).toContain('text/calendar')
  expect(await calendar.text()).toMatch(/DTSTART;VALUE=DATE:20300301/)
})

test('a trip copied, under way, weighed: the calibration is shown, accepted into the plan and withdrawn', async ({
  page,
}) => {
  const quiet = watchConsole(page)
  const day = (ago: number): string => new Date(Date.now() - ago * 86_400_000).toISOString().slice(0, 10)
  await page.goto(`${kettle.url}/trips/larkspur`)
  await page.getByLabel(tripsLabels.theSameTripLeavingOn).fill('2026-02-45')
  await page.getByLabel(tripsLabels.theSameTripLeavingOn).fill(day(3))
  await page.getByRole('button', { name: tripsLabels.copyThisTrip }).click()
  await expect(page.getByText('Larkspur Saddle copied')).toBeVisible()
  await expect(page).toHaveURL(/\/trips\/(?!larkspur$)/)
  await page.getByLabel(tripsLabels.whereTo).fill('Otter Bay')
  await page.getByLabel('Hours a day, Small radiant').fill('')
  await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await expect(page.getByText('Trip to Otter Bay saved')).toBeVisible()

  // Under way without a weigh-in: the whole trip is counted, and the page says so.
  const records = openDatabase(kettle.file)
  const weigh = (cylinderId: string, grossKg: number, hoursAgo: number): void => {
    const weighedAt = new Date(Date.now() - hoursAgo * 3_600_000).toISOString()
    addWeighing(records, { cylinderId, grossKg, hangingKg: 0, source: 'typed', weighedAt })
  }
  records.$client.exec(
    `UPDATE weighings SET voided_at = '2026-01-01T00:00:00Z', void_reason = 'of another trip' WHERE cylinder_id IN ('left', 'right') AND voided_at IS NULL`,
  )
  for (const id of ['left', 'right']) weigh(id, 15, 120)
  await page.goto(kettle.url)
  await expect(
    page.getByText('The whole trip is counted until Left cylinder, Right cylinder are weighed', { exact: false }),
  ).toBeVisible()

  // Only cold: its contents are unknown, and the other was shut.
  const swap = page.getByRole('form', { name: tripsLabels.aSwap })
  const saveSwap = async (): Promise<void> => swap.getByRole('button', { name: tripsLabels.saveTheSwap }).click()
  await tab(page, 'On the way').click()
  await swap.getByLabel(sharedLabels.whenOptional).fill('2120-01-02T03:10')
  await saveSwap()
  await expect(swap).toContainText('That is still to come.')
  await swap.getByLabel(sharedLabels.whenOptional).fill('')
  await swap.getByLabel(sharedLabels.gaveOut).selectOption('Left cylinder')
  await swap.getByLabel(tripsLabels.openedInstead).selectOption('Right cylinder')
  await swap.getByLabel(tripsLabels.itsValveUntilThen).selectOption('shut')
  await saveSwap()
  await expect(page.getByText('Swap of Left cylinder saved')).toBeVisible()
  const line = page.getByRole('region', { name: 'The rig’s line', exact: true }).first()
  // 15 kg on the scale less the stamped tare, all of it burned.
  await expect(line).toContainText(/Burned \d\d\.\d\slb where the habits as entered/)
  await page.getByRole('button', { name: sharedLabels.undo, exact: true }).click()
  await expect(line).toContainText('Nothing was weighed on this trip yet.')
  await swap.getByLabel(tripsLabels.liftedItWas).selectOption('still heavy: only cold')
  await saveSwap()
  await expect(line).toContainText('Left cylinder was not weighed with the others')
  await swap.getByLabel(sharedLabels.gaveOut).selectOption('Bottle 1')
  await expect(swap.getByLabel(tripsLabels.openedInstead).locator('option')).not.toContainText(['Right cylinder'])
  await swap.getByLabel(tripsLabels.liftedItWas).selectOption('light: it is empty')
  await saveSwap()
  await expect(page.getByText('Swap of Bottle 1 saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/bottle-1`)
  await expect(page.getByText('by the last reading')).toBeVisible()
  await expect(page.getByRole('row', { name: /Gave out/ })).toContainText('light: it is empty; Bottle 2 opened')

  weigh('left', 12.4, 1)
  weigh('right', 15, 1)
  records.$client.close()

  await page.goto(kettle.url)
  await expect(page.getByText('Counted from the weigh-ins on', { exact: false })).toBeVisible()
  await tab(page, 'On the way').click()
  await expect(line).toContainText(/Burned 5\.7\slb where the habits as entered would have burned/)
  await expect(line).toContainText('The plan goes by the habits as entered.')
  const before = await line.innerText()
  await line.getByRole('button', { name: tripsLabels.planTheNightsLeftByThis }).click()
  await expect(line).toContainText(/The plan counts \d+\s?% of the habits as entered/)
  expect(await line.innerText()).not.toBe(before)
  await line.getByRole('button', { name: tripsLabels.takeThisBack }).click()
  await expect(line).toContainText('The plan goes by the habits as entered.')
  await line.getByRole('button', { name: tripsLabels.leaveThePlanAsEntered }).click()
  await expect(line).toContainText('Refused')

  await page.goto(`${kettle.url}/run`)
  await expect(page.getByText('Under way. Here the whole trip is counted', { exact: false })).toBeVisible()
  await page.getByRole('link', { name: runLabels.whatIsLeftOfIt }).click()
  await expect(page.getByText('Counted from the weigh-ins on', { exact: false })).toBeVisible()

  await page.goto(`${kettle.url}/log/gas`)
  await expect(page.getByRole('row', { name: /Quarry Lake/ })).toContainText('$')
  await expect(page.getByRole('row', { name: /Otter Bay/ })).toContainText(/\d\.\d\slb/)
  await page.goto(`${kettle.url}/trips`)
  await page.getByRole('link', { name: 'Otter Bay' }).click()
  await page.getByRole('button', { name: 'Put this trip away' }).click()
  await expect(page.getByText('Otter Bay put away')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Otter Bay' })).toHaveCount(0)
  quiet()
})
