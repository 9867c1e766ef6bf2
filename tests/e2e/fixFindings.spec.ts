import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { heatLabels } from '@/ui/terms/heatLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { closeTest, provePressure, soapEveryPlace } from './acts/soap'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

let kettle: Kettle
test.describe.configure({ mode: 'serial' })
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const verdict = (page: Page) => page.locator('.verdict')
const findings = (page: Page) => page.getByRole('region', { name: sharedLabels.findings })
const row = (page: Page, words: string) => findings(page).getByRole('listitem').filter({ hasText: words })
const station = (page: Page, name: RegExp) =>
  page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link', { name })

/** Follows a finding from the verdict to where it is fixed. */
async function lead(page: Page, words: string, button: string): Promise<void> {
  await page.goto(kettle.url)
  await row(page, words).getByRole('link', { name: button }).click()
}

/** The verdict no longer lists it. */
async function mended(page: Page, words: string): Promise<void> {
  await page.goto(kettle.url)
  await expect(verdict(page)).toBeVisible()
  await expect(row(page, words)).toHaveCount(0)
}

/** Inspects everything as sound. */
async function lookOver(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: cylindersLabels.saveTheLookOver })).toBeVisible()
  for (const sound of await page.getByLabel(cylindersLabels.sound, { exact: true }).all()) await sound.check()
  await page.getByRole('button', { name: cylindersLabels.saveTheLookOver }).click()
  await expect(page.getByText(/^Look-over of .* saved$/)).toBeVisible()
}

/** Soaps every place of a line without bubbles, and closes the test. */
async function soapAll(page: Page, line: string, burned: string): Promise<void> {
  await page.goto(`${kettle.url}/leak-test?line=${line}`)
  await page.getByRole('button', { name: leakTestLabels.beginAtTheCylinder }).click()
  await provePressure(page)
  await soapEveryPlace(page)
  await closeTest(page, burned)
}

test('a stop cannot be accepted; a fix-first can, with a visible reason that can be withdrawn', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(kettle.url)
  await expect(verdict(page)).toContainText('22 things to see to')
  const stop = row(page, 'Bottle 2 is overfilled')
  await expect(stop).toContainText('No reason makes this acceptable.')
  await expect(stop.getByRole('button')).toHaveCount(0)
  // What is to fix first and may not be accepted has no button for it either.
  await expect(row(page, 'was changed after its last leak test').getByRole('button')).toHaveCount(0)

  const battery = row(page, 'The battery is flat on night 1')
  await battery.getByRole('button', { name: tripsLabels.acceptWithAReason }).click()
  await battery.getByRole('button', { name: 'Accept', exact: true }).click()
  await expect(battery.getByText('Say why, in a few words.')).toBeVisible()
  await battery.getByLabel(tripsLabels.reasonToAccept).fill('x')
  await battery.getByRole('button', { name: 'Accept', exact: true }).click()
  await expect(battery.getByText('Say in a few words why it may stay so')).toBeVisible()
  await battery.getByLabel(tripsLabels.reasonToAccept).fill('The alarms have cells of their own')
  await battery.getByRole('button', { name: 'Accept', exact: true }).click()
  await expect(battery).toContainText('“The alarms have cells of their own”')
  await expect(verdict(page)).toContainText('21 things to see to')
  await expect(verdict(page)).toContainText('You accepted:')
  await expect(verdict(page)).toContainText('“The alarms have cells of their own”')
  await expect(station(page, /^Trip/)).toContainText('21')
  await page.keyboard.press('u')
  await expect(verdict(page)).toContainText('22 things to see to')
  quiet()
})

test('every station’s fault is linked from the verdict: the cylinders, fixed one by one', async ({ page }) => {
  test.setTimeout(240_000)
  const quiet = watchConsole(page)
  await lead(page, 'Bottle 2 is overfilled', 'See the weighing')
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('30.5 oz')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Bottle 2 saved')).toBeVisible()
  await mended(page, 'Bottle 2 is overfilled')
  await expect(row(page, 'Bottle 2 is wanted full')).toHaveCount(0)

  await lead(page, 'Throw-away bottle was refilled', 'Leave it at home')
  await page.getByLabel(cylindersLabels.comesAlongOnTheTrip).uncheck()
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByText('Stamps of Throw-away bottle saved')).toBeVisible()
  await mended(page, 'Throw-away bottle was refilled')

  await lead(page, 'Right cylinder is to be mended', 'Look it over')
  await lookOver(page)
  await lead(page, 'Right cylinder could be filled through May 2026', 'Enter its new mark')
  await page.getByLabel(cylindersLabels.monthAndYear).fill('10-26')
  await page.getByRole('button', { name: cylindersLabels.saveTheMark }).click()
  await expect(page.getByText('good through October 2031', { exact: false }).first()).toBeVisible()

  await lead(page, 'Weigh Bottle 3: its contents are unknown', 'Weigh it')
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('30.5 oz')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Bottle 3 saved')).toBeVisible()
  await lead(page, 'Bottle 3 has not been looked over', 'Look it over')
  await lookOver(page)

  await lead(page, 'Left pigtail is past its time', 'To its dates')
  await page.getByRole('button', { name: 'Change Left pigtail' }).click()
  const form = page.getByRole('form', { name: 'Change Left pigtail' })
  await form.getByLabel(cylindersLabels.monthItWasMade).fill('03-26')
  await form.getByRole('button', { name: cylindersLabels.save }).click()
  await expect(findings(page)).not.toContainText('Left pigtail is past its time')
  await page.getByRole('button', { name: 'CO alarm is sound' }).click()
  await expect(findings(page)).not.toContainText('Look CO alarm over')
  await mended(page, 'Look CO alarm over')
  await expect(station(page, /Cylinders/)).toContainText('ready')
  quiet()
})

test('the line: fixed, soaped, and both its stations read ready', async ({ page }) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  await lead(page, 'was taped, and it seals on its face', 'To the joint')
  await expect(page).toHaveURL(/hookup\/joints/)
  await page.locator('.joint-row.asked').getByLabel(hookupLabels.howItWasMade).selectOption('as-it-should')
  await page.getByRole('button', { name: hookupLabels.saveTheJoints }).click()
  await expect(page.getByText('House line saved')).toBeVisible()

  await lead(page, 'Is Panel tube clipped', 'To the line')
  await page.getByRole('region', { name: 'About Panel tube' }).getByLabel('Clipped, sleeved').selectOption('yes')
  // The branch without a shut-off: a valve goes in between the tee and the tube.
  await page
    .getByRole('list', { name: hookupLabels.partsOfTheLine })
    .getByRole('button', { name: /^Tee, 3\/8 flare/ })
    .first()
    .click()
  const tee = page.getByRole('region', { name: 'About Tee, 3/8 flare' })
  await tee
    .getByRole('paragraph')
    .filter({ hasText: 'Panel tube' })
    .getByRole('button', { name: hookupLabels.partThem })
    .click()
  await page.getByLabel(hookupLabels.findAPart).fill('swivel 3/8')
  await page.getByRole('button', { name: 'Add: Shut-off valve with 3/8 swivel nut, for a tee' }).click()
  const valve = page.getByRole('region', { name: /^About Shut-off valve/ })
  await valve.getByRole('combobox', { name: /: open/ }).selectOption({ label: 'Panel tube (fits)' })
  await page.getByRole('button', { name: hookupLabels.saveTheLine }).click()
  await expect(page.getByText('House line saved')).toBeVisible()
  await page.getByRole('link', { name: hookupLabels.joints, exact: true }).click()
  const looked = page.getByRole('button', { name: 'as it should be', exact: true })
  await expect(looked).toHaveCount(2)
  await looked.first().click()
  await looked.click()
  await page.getByRole('button', { name: hookupLabels.saveTheJoints }).click()
  await expect(station(page, /Hook-up/)).toContainText('ready')
  await expect(station(page, /Leak test/)).toContainText('fix first')

  await soapAll(page, 'house', 'Cooktop')
  await soapAll(page, 'soda-line', 'Soda keg')
  await expect(station(page, /Leak test/)).toContainText('ready')
  quiet()
})

test('heat, air and the nights until all is ready; then a new fault appears as new', async ({ page }) => {
  test.setTimeout(240_000)
  const quiet = watchConsole(page)
  // The radiant is not for that altitude: it stays at home.
  await lead(page, 'Small radiant may be used up to', 'To its numbers')
  await expect(page).toHaveURL(/heaters\?heater=small-radiant/)
  await page.goto(`${kettle.url}/run/habits`)
  await page.getByLabel('Small radiant burns').selectOption('not on this trip')
  await page.getByLabel('Panel heater: hours a day, at full').fill('4')
  await page.getByRole('group', { name: 'Fridge runs on' }).getByLabel('night 1').selectOption('gas')
  await page.getByRole('button', { name: runLabels.saveToTheTrip }).click()
  await expect(page.getByText('Larkspur Saddle saved')).toBeVisible()
  await lead(page, 'The battery is flat on night', 'To the battery')
  await page.getByLabel(runLabels.fromTheSunAhADay).fill('40')
  await page.getByRole('button', { name: runLabels.saveTheBattery }).click()
  await expect(page.getByText(runLabels.batterySaved)).toBeVisible()

  await lead(page, 'Bed curtain lacks', 'To the plan')
  await page.getByRole('button', { name: heatLabels.lookForPlaces }).click()
  await page.getByRole('button', { name: 'Take place 1', exact: true }).click()
  await expect(findings(page)).not.toContainText('Bed curtain lacks')
  await page.getByLabel(heatLabels.heater, { exact: true }).selectOption({ label: 'Small radiant' })
  await page.getByLabel(heatLabels.itIsMeantToBurn).selectOption('not-used')
  await page.getByRole('button', { name: heatLabels.saveTheRoom }).click()
  await expect(page.getByText(sharedLabels.saved)).toBeVisible()

  await lead(page, 'must stand open in Saloon', 'To the openings')
  await page.getByRole('button', { name: heatLabels.writeThatIn }).click()
  await page.getByRole('button', { name: heatLabels.saveTheOpenings }).click()
  await expect(page.getByText(sharedLabels.saved)).toBeVisible()

  await page.goto(kettle.url)
  await expect(verdict(page)).toBeVisible()
  expect(await findings(page).locator('li.stop, li.fix-first').allInnerTexts()).toEqual([])
  await expect(verdict(page)).toContainText('Ready')
  await expect(verdict(page)).toContainText('it is no permission')
  await expect(station(page, /^Trip/)).toContainText('ready')
  await page.getByRole('button', { name: tripsLabels.keepVerdict }).click()
  await expect(page.getByText('This verdict and everything it is based on are kept')).toBeVisible()
  await expect(page.getByText(tripsLabels.nothing, { exact: true })).toBeVisible()

  // A wrong weighing: what is new since it was ready is listed separately.
  await page.goto(`${kettle.url}/cylinders/bottle-2`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('33 oz')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText('Weighing of Bottle 2 saved')).toBeVisible()
  await page.goto(kettle.url)
  await expect(verdict(page)).toContainText('Stop')
  await expect(page.getByRole('region', { name: tripsLabels.sinceItWasLastReady })).toContainText(
    'Bottle 2 is overfilled',
  )

  // The ready verdict is stored with its inputs, and judging them again gives the same.
  await page.getByRole('link', { name: tripsLabels.verdictsKept }).first().click()
  await page
    .getByRole('listitem')
    .filter({ has: page.getByText('ready', { exact: true }) })
    .getByRole('link', { name: tripsLabels.whatItRestedOn })
    .first()
    .click()
  await expect(verdict(page)).toContainText('the same')
  await expect(page.getByRole('region', { name: tripsLabels.whatItRestedOn })).toContainText('Left cylinder: 13.6')
  quiet()
})
