import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { heatLabels } from '@/ui/terms/heatLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const findings = (page: Page) => page.getByRole('region', { name: sharedLabels.findings })
const slip = (page: Page, name: string) => page.getByRole('region', { name, exact: true })
const places = (page: Page) => page.getByRole('region', { name: heatLabels.whereItCouldStand })

/** A point of the demo's room, 5.2 by 2.2 m, on the canvas of its plan. */
async function onPlan(page: Page, xM: number, yM: number): Promise<{ x: number; y: number }> {
  const frame = page.locator('.plan-frame')
  await expect(frame.locator('canvas').first()).toBeVisible()
  await frame.scrollIntoViewIfNeeded()
  const box = await frame.boundingBox()
  if (!box) throw new Error('no plan')
  const inner = box.width - 4
  const scale = Math.min((inner - 60) / 5.2, 360 / 2.2)
  return { x: box.x + 2 + (inner - 5.2 * scale) / 2 + xM * scale, y: box.y + 2 + 30 + yM * scale }
}

test('a room drawn, the heater badly placed, the reason seen, the first proposal taken, windows opened until the air is right', async ({
  page,
}) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/heat?room=new`)
  await page.getByRole('button', { name: /^Van/ }).click()
  await page.getByLabel(heatLabels.nameOfTheRoom).fill('Side van')
  const measures = page.getByRole('region', { name: heatLabels.measuresOfTheRoom })
  await measures.getByLabel(hookupLabels.length).fill('12 ft')
  await expect(measures.getByLabel(hookupLabels.length)).toHaveValue('12 ft')
  await page.getByLabel(heatLabels.oneMore).selectOption('curtain')
  await page.getByRole('button', { name: heatLabels.putItIn }).click()
  await page.getByRole('button', { name: heatLabels.putItOnThePlan }).click()
  await expect(findings(page)).toContainText(/Curtain lacks [\d¼½¾ftin\s]+ to the/)
  await expect(slip(page, 'Panel heater')).toContainText('Lacks')

  await places(page).getByRole('button', { name: heatLabels.lookForPlaces }).click()
  await places(page).getByRole('button', { name: 'Take place 1', exact: true }).click()
  await expect(findings(page)).toContainText('Nothing lacks its distance')
  await expect(slip(page, 'Panel heater')).toContainText('Least margin')
  await page.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(page).toHaveURL(/\/heat\?room=(?!new)/)

  await page.getByRole('link', { name: heatLabels.openingsAndAir }).click()
  await expect(page.getByText('For Panel heater 24 sq in must stand open', { exact: false })).toBeVisible()
  await expect(slip(page, 'Open area')).toContainText('Lacks')
  await page.getByLabel('Left window stands open by').fill('1/2')
  await expect(slip(page, 'Open area')).toContainText('counts half: all in one place')
  await page.getByRole('button', { name: heatLabels.writeThatIn }).click()
  await expect(slip(page, 'Open area')).toContainText('More than it wants by')
  await expect(page.getByText('must stand open', { exact: false })).toHaveCount(0)
  await page.getByRole('button', { name: heatLabels.saveTheOpenings }).click()
  await expect(page.getByText(sharedLabels.saved)).toBeVisible()
  await page.reload()
  await expect(slip(page, 'Open area')).toContainText('More than it wants by')
  quiet()
})

test('the same by keyboard alone: a thing chosen, moved by arrows, undone; a place taken', async ({ page }) => {
  await page.goto(`${kettle.url}/heat`)
  const press = async (name: RegExp | string): Promise<void> => {
    await page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .focus()
    await page.keyboard.press('Enter')
  }
  await expect(findings(page)).toContainText('Bed curtain lacks 1½')
  await press(/^Bed curtain/)
  await page.getByRole('application').focus()
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowLeft')
  await expect(findings(page)).not.toContainText('Bed curtain')
  await page.keyboard.press('Shift+ArrowRight')
  await expect(findings(page)).toContainText('Bed curtain lacks')
  await page.keyboard.press('Control+z')
  await expect(findings(page)).toContainText('Bed curtain lacks 1½')
  await page.keyboard.press('Control+y')
  await press('Look for places')
  await press('Take place 1')
  await expect(slip(page, 'Panel heater')).toContainText('Least margin')
  await page.reload()
  await expect(slip(page, 'Panel heater')).toContainText('Least margin')
  await press('Leave it as it was saved')
  await expect(slip(page, 'Panel heater')).toContainText('Lacks')
})

test('on the plan a thing is dragged with the mouse, and turned and resized by its handles', async ({ page }) => {
  await page.goto(`${kettle.url}/heat`)
  const from = await onPlan(page, 2.05, 1.35)
  const to = await onPlan(page, 1.7, 1.35)
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move((from.x + to.x) / 2, to.y, { steps: 4 })
  await page.mouse.move(to.x, to.y, { steps: 4 })
  await page.mouse.up()
  await expect(findings(page)).not.toContainText('Bed curtain lacks')
  const about = page.getByRole('region', { name: 'About Bed curtain' })
  await expect(about.getByLabel(heatLabels.middleFromTheBack)).not.toHaveValue('80.71')
  await about.getByRole('button', { name: heatLabels.aQuarterTurn }).click()
  await expect(about.getByLabel(heatLabels.turned)).toHaveValue('180')
  await page.getByRole('button', { name: sharedLabels.undo }).click()
  await expect(about.getByLabel(heatLabels.turned)).toHaveValue('90')
  await page.getByRole('button', { name: sharedLabels.leaveItAsItWasSaved }).click()
})

test('wrong sizes are reported at their field, and the drawing stays', async ({ page }) => {
  await page.goto(`${kettle.url}/heat`)
  const measures = page.getByRole('region', { name: heatLabels.measuresOfTheRoom })
  await measures.getByLabel('Ceiling on the left').fill('0.01')
  await expect(measures.getByRole('alert').filter({ hasText: 'A room holds more than zero' })).toBeVisible()
  await page.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(page.getByText(sharedLabels.notSaved)).toBeVisible()
  await measures.getByLabel('Ceiling on the left').fill('-3')
  await expect(measures.getByText(sharedLabels.itIsMoreThanNothing)).toBeVisible()
  await page.getByRole('button', { name: sharedLabels.leaveItAsItWasSaved }).click()

  await page.goto(`${kettle.url}/heat/heaters?heater=panel-heater`)
  await page.getByLabel('Front').fill('-2')
  await expect(page.getByText(sharedLabels.itCannotBeLessThanNothing)).toBeVisible()
  await page.getByLabel('Front').fill('30')
  await page.getByLabel('Width').fill('20 ft')
  await page.getByRole('button', { name: heatLabels.saveTheHeater }).click()
  await expect(page.getByText('That is larger than any heater. Check the unit.')).toBeVisible()
  await expect(page.getByLabel('Width')).toHaveValue('20 ft')
  await page.getByLabel('Width').fill('13')
  await page.getByLabel('Input, low').fill('5000')
  await page.getByRole('button', { name: heatLabels.saveTheHeater }).click()
  await expect(page.getByText('The low setting burns no more than the high one.')).toBeVisible()
  await page.getByRole('button', { name: sharedLabels.leaveIt, exact: true }).click()
})

test('a heater’s common numbers are replaced by its manual’s, with a photo of the page', async ({ page }) => {
  await page.goto(kettle.url)
  await page
    .getByRole('listitem')
    .filter({ hasText: 'The distances of Small radiant are not from its manual.' })
    .getByRole('link', { name: 'Enter them' })
    .click()
  await expect(page).toHaveURL(/heaters\?heater=small-radiant/)
  await page.getByLabel('Front').fill('2 ft 4 in')
  await page.getByLabel(heatLabels.theseDistancesAreFromItsManual).check()
  const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 80, height: 60 } })
  await page
    .getByLabel(heatLabels.photoOfTheManualsPage)
    .setInputFiles({ name: 'page.png', mimeType: 'image/png', buffer: picture })
  await expect(
    page.getByAltText('Picture to be kept', { exact: false }).or(page.locator('form img')).first(),
  ).toBeVisible()
  await page.getByRole('button', { name: heatLabels.saveTheHeater }).click()
  await expect(page.getByText('from its manual, 1 page kept')).toBeVisible()
  await page.goto(kettle.url)
  await expect(page.getByText('The distances of Small radiant are not from its manual.')).toHaveCount(0)
  await expect(page.getByText('Small radiant may be used up to', { exact: false })).toBeVisible()
})

test('the air of a night: as a sentence, limits and charts; lit while asleep it says no', async ({ page }) => {
  await page.goto(`${kettle.url}/heat/air`)
  const night = page.getByRole('region', { name: heatLabels.theAirOfANight })
  await expect(night.getByRole('list', { name: heatLabels.marksForTheAir })).toContainText('CO2 over 5,000')
  await expect(night).toContainText('By this model')
  await expect(night.locator('.air-charts figure')).toHaveCount(3)
  await expect(night).toContainText('Carbon monoxide is no part of this')
  await night.getByLabel(heatLabels.heater).selectOption('small-radiant')
  await night.getByLabel(heatLabels.itBurns).selectOption('high')
  await night.getByLabel(heatLabels.turnedOffAfter).fill('')
  await expect(night.getByText('is not left on while people sleep', { exact: false })).toBeVisible()
  await expect(night.locator('.air-sentence')).toContainText(/oxygen under|CO2 over/)
  await expect(night.locator('.air-marks .stop').first()).toContainText(/after\s[\d.]+\s(min|h)/)
  await night.getByLabel(sharedLabels.outside, { exact: true }).fill('900')
  await expect(night.getByRole('alert').filter({ hasText: 'must lie between' })).toBeVisible()
})

test('a warm-up typed and captured: fitted at once, the unknown setting reported, saved, voided', async ({ page }) => {
  await page.goto(`${kettle.url}/heat/warm-up`)
  await page.getByLabel(heatLabels.heaterThatWarmedIt).selectOption('small-radiant')
  await page.getByLabel(heatLabels.outsideAllAlong).fill('10')
  const rows = [
    [0, 24],
    [18, 45],
    [30, 52],
    [45, 57],
  ]
  const time = (i: number) =>
    page.getByLabel(i === 0 ? 'Minutes since lit' : `Reading ${i + 1}: minutes since lit`, { exact: true })
  const inside = (i: number) => page.getByLabel(i === 0 ? 'Inside' : `Reading ${i + 1}: inside`, { exact: true })
  for (const [i, [minutes, degrees]] of rows.slice(0, 3).entries()) {
    await time(i).fill(String(minutes))
    await inside(i).fill(String(degrees))
  }
  await expect(page.getByText('three fit any rig', { exact: false })).toBeVisible()
  await time(3).fill('45')
  await inside(3).fill('20')
  await expect(page.getByText('These readings cool down', { exact: false })).toBeVisible()
  await inside(3).fill('57')
  const says = page.getByRole('region', { name: heatLabels.whatTheLogSays })
  await expect(says).toContainText('All of it hangs on the setting')
  await page.getByLabel(heatLabels.itsSetting).selectOption('high')
  await expect(says).not.toContainText('hangs on the setting')
  await expect(says).toContainText('the room loses')

  await page.getByRole('button', { name: heatLabels.oneMoreReading }).click()
  await time(4).fill('60')
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  await page.getByLabel(sharedLabels.theHeaterThere).selectOption('high')
  await expect(page.getByTestId('thermometer-reading')).toContainText(/(4\d|5\d|6\d|7\d)\s°F/, { timeout: 60_000 })
  await inside(4).focus()
  await page.keyboard.press('Alt+c')
  await expect(inside(4)).toHaveValue(/^\d+(\.\d+)?$/)
  await page.getByRole('button', { name: sharedLabels.close }).first().click()

  await page.getByRole('button', { name: heatLabels.saveTheWarmUp }).click()
  await expect(page.getByText(heatLabels.warmUpSaved, { exact: true })).toBeVisible()
  const history = page.getByRole('region', { name: sharedLabels.history })
  await expect(history.getByRole('row')).toHaveCount(3)
  await page.keyboard.press('u')
  await expect(page.getByText('Taken back: Warm-up saved')).toBeVisible()
  await expect(history).toContainText('voided: Undone right after it was saved')
})

test('heaters side by side; whether one fits is checked in this room', async ({ page }) => {
  await page.goto(`${kettle.url}/heat/choose`)
  const table = page.getByRole('region', { name: heatLabels.heatersCompared })
  await expect(table.getByRole('columnheader')).toHaveCount(3)
  await expect(table).toContainText('Ducted furnace, as is common')
  await expect(table).toContainText(': not for this trip')
  await page.getByRole('button', { name: 'Does Panel heater fit here' }).click()
  await expect(table.getByText(/^yes,/)).toBeVisible()
  await page.getByLabel(heatLabels.wishedForInside).fill('15')
  await expect(page.getByText('It is as warm as that outside', { exact: false })).toBeVisible()
})

test('lit step by step: blocking steps hold the rest, times are held, the alarm’s test is logged', async ({ page }) => {
  await page.goto(`${kettle.url}/heat/lighting?heater=small-radiant`)
  await expect(page.getByText('Small radiant may be used up to', { exact: false })).toBeVisible()
  const rail = page.getByRole('region', { name: 'Light it' })
  await expect(rail.getByRole('button', { name: 'Step 3: Openings' })).toBeDisabled()
  for (const name of ['Its manual', 'CO alarm', 'Openings', 'Distances', 'Upright', 'Leak test', 'Gas on, slowly']) {
    await rail.getByRole('button', { name: new RegExp(`^Step \\d+: ${name}`) }).click()
  }
  await expect(rail.getByRole('timer')).toHaveText('0:30')
  await rail.getByRole('button', { name: 'Start: Knob to pilot, push' }).click()
  await rail.getByRole('button', { name: sharedLabels.goOnWithoutWaiting }).click()
  await expect(rail.getByRole('button', { name: /^Step 8/ })).toHaveAttribute('aria-pressed', 'true')
  await page.reload()
  await expect(rail.getByRole('button', { name: /^Step 8/ })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Stop it' }).click()
  await expect(page.getByRole('region', { name: 'Stop it' })).toContainText('Bottle off and out')
  await page.getByRole('button', { name: 'CO alarm sounded' }).click()
  await expect(page.getByText('CO alarm: test logged')).toBeVisible()
})

test('two tabs: the later save is shown the newer room and may replace it by choice', async ({ page, context }) => {
  await page.goto(`${kettle.url}/heat?room=saloon`)
  const other = await context.newPage()
  await other.goto(`${kettle.url}/heat?room=saloon`)
  await other.getByLabel(heatLabels.nameOfTheRoom).fill('Parlour')
  await other.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(other.getByText('Parlour saved')).toBeVisible()
  await page.getByLabel(heatLabels.nameOfTheRoom).fill('Den')
  await page.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(page.getByText(sharedLabels.notSaved)).toBeVisible()
  await page.getByRole('button', { name: sharedLabels.saveMineOverTheirs }).click()
  await expect(page.getByText('Den saved')).toBeVisible()
})
