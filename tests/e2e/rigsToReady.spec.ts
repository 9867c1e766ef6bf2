import { expect, type Locator, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { counted } from './acts/counted'
import { closeTest, provePressure, soapEveryPlace } from './acts/soap'
import { nameInSentence } from '@/core/cylinders/cylinderKind'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { heatLabels } from '@/ui/terms/heatLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeEach(async () => {
  kettle = await startKettle('empty')
})
test.afterEach(() => kettle.stop())

type Counted = ReturnType<typeof counted>

async function survey({ choose, type, press }: Counted, page: Page, coldestF: string): Promise<void> {
  for (const thing of ['Regulator', 'Hose or pigtail', 'Propane alarm', 'CO alarm', 'Fire extinguisher']) {
    await choose(page.getByLabel(thing, { exact: true }), 'sound')
    await type(`Month on the ${nameInSentence(thing)}`, '03-26')
  }
  await press(sharedLabels.goOn)
  await type('Where to', 'The lake')
  await type('Coldest night', coldestF)
  await type(sharedLabels.altitude, '1200 ft')
  await press(sharedLabels.seeTheVerdict)
  await expect(page.locator('.verdict')).toContainText('Fix first')
}

/** Looks a cylinder over, from one of its pages. */
async function lookOver({ go, tap, press }: Counted, page: Page): Promise<void> {
  await go(cylindersLabels.lookOver)
  await expect(page.getByRole('button', { name: cylindersLabels.saveTheLookOver })).toBeVisible()
  for (const sound of await page.getByLabel(cylindersLabels.sound, { exact: true }).all()) await tap(sound)
  await press(cylindersLabels.saveTheLookOver)
  await expect(page.getByText(/^Look-over of .* saved$/)).toBeVisible()
}

const partsOf = (page: Page) => page.getByRole('list', { name: hookupLabels.partsOfTheLine })

/** Opens a part of the line. */
async function about({ tap }: Counted, page: Page, name: RegExp): Promise<Locator> {
  await tap(partsOf(page).getByRole('button', { name }).first())
  return page.getByRole('region', { name: /^About/ }).first()
}

/** Saves the line, looks at each joint, tests it, and goes to the verdict. Returns the taps of the soap test. */
async function tightAndBack(hand: Counted, page: Page, joints: number): Promise<number> {
  const { press, go, tap, station, made } = hand
  await press(hookupLabels.saveTheLine)
  await expect(page).toHaveURL(/line=(?!new)/)
  await go(hookupLabels.joints)
  const looked = page.getByRole('button', { name: 'as it should be', exact: true })
  await expect(looked).toHaveCount(joints)
  for (let left = joints; left > 0; left -= 1) {
    await tap(looked.first())
    await expect(looked).toHaveCount(left - 1)
  }
  await press(hookupLabels.saveTheJoints)
  await expect(page.getByText(sharedLabels.saved, { exact: true })).toBeVisible()
  const before = made.taps
  await station(/^Leak test/)
  await press(leakTestLabels.beginAtTheCylinder)
  const soapTaps = made.taps - before + (await provePressure(page)) + (await soapEveryPlace(page)) + 2
  await closeTest(page, 'Cooktop')
  await station(/^Trip/)
  return soapTaps
}

/** Ready, and no station of the line contradicts the verdict. */
async function isReady({ findings, made }: Counted, page: Page, soapTaps: number): Promise<void> {
  const verdict = page.locator('.verdict')
  await expect(verdict).toContainText('Ready')
  await expect(verdict).toContainText('The gas is enough')
  await expect(verdict).not.toContainText('You accepted')
  expect(await findings.locator('li.stop, li.fix-first').allInnerTexts()).toEqual([])
  const stations = page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link')
  expect((await stations.allInnerTexts()).filter((text) => /stop|fix first/.test(text))).toEqual([])
  test.info().annotations.push({ type: 'counted', description: JSON.stringify({ ...made, soapTaps }) })
}

test('a trailer with two cylinders of which nothing is known: from nothing to ready', async ({ page }) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  const hand = counted(page)
  const { tap, choose, type, press, go, station, fix } = hand
  await page.goto(kettle.url)
  await type('What do you call your rig?', 'Osprey')
  await choose(page.getByLabel('Kind', { exact: true }), 'Small trailer')
  await press(sharedLabels.goOn)
  await tap(page.getByText('20 lb cylinder', { exact: true }))
  await choose(page.getByLabel('How many of them'), '2')
  await press(sharedLabels.goOn)
  await tap(page.getByLabel(/^Ducted furnace/).first())
  await type('Its heat input on high', '20000')
  await tap(page.getByLabel(/^Cooktop/))
  await tap(page.getByLabel(/^Absorption fridge/))
  await press(sharedLabels.goOn)
  await survey(hand, page, '50')

  for (const name of ['20 lb cylinder', '20 lb cylinder 2']) {
    await fix(`Nobody read the tare of ${name}:`, 'Enter its stamps')
    await type('TW, the tare', '17')
    await type(cylindersLabels.monthItWasMade, '03-20')
    await press(cylindersLabels.saveTheStamps)
    await expect(page.getByText(`Stamps of ${name} saved`)).toBeVisible()
    await lookOver(hand, page)
    await go(cylindersLabels.weigh)
    await type(sharedLabels.onTheScaleNow, '36.5')
    await press(cylindersLabels.saveTheWeighing)
    await expect(page.getByText(`Weighing of ${name} saved`)).toBeVisible()
    await station(/^Trip/)
  }
  await fix('The distances of Ducted furnace', 'Enter them')
  await tap(page.getByLabel(heatLabels.theseDistancesAreFromItsManual))
  await press(heatLabels.saveTheHeater)
  await expect(page.getByRole('button', { name: heatLabels.saveTheHeater })).toBeHidden()
  await station(/^Trip/)
  await fix('lives on the battery', 'Enter the battery')
  await type(runLabels.holdsAhOnItsLabel, '300')
  await press(runLabels.saveTheBattery)
  await expect(page.getByText(runLabels.batterySaved)).toBeVisible()

  await station(/^Trip/)
  await fix('is not drawn', 'Draw it')
  await press(/^Two cylinders with changeover/)
  await press(hookupLabels.allOutside)
  const which = hookupLabels.whichOfTheRigs
  await choose((await about(hand, page, /^Left cylinder/)).getByLabel(which), '20 lb cylinder')
  await choose((await about(hand, page, /^Right cylinder/)).getByLabel(which), '20 lb cylinder 2')
  for (const pigtail of [/^Left pigtail/, /^Right pigtail/]) {
    await choose((await about(hand, page, pigtail)).getByLabel('Its dates are kept under'), 'Hose or pigtail')
  }
  const changeover = await about(hand, page, /^Automatic changeover/)
  await choose(changeover.getByLabel('Its dates are kept under'), 'Regulator')
  await choose(changeover.getByLabel('Vent points down, covered'), 'yes')
  // The furnace gets a branch behind the cooktop’s tube.
  await about(hand, page, /^Cooktop after/)
  await press(sharedLabels.takeItOut)
  const addAfter = async (part: RegExp, ...added: readonly (readonly [string, string | RegExp])[]): Promise<void> => {
    await about(hand, page, part)
    for (const [search, name] of added) {
      await type(hookupLabels.findAPart, search)
      await tap(page.getByRole('button', { name, exact: typeof name === 'string' }).first())
    }
  }
  const branch = [
    ['swivel 3/8', /^Add: Shut-off valve with 3\/8 swivel/],
    ['copper 3/8', /^Add: Copper tube with 3\/8 flare/],
  ] as const
  await addAfter(/^Cooktop tube/, ['tee, 3/8', 'Add: Tee, 3/8 flare'], ...branch, ['furnace', 'Add: Ducted furnace'])
  await choose((await about(hand, page, /^Ducted furnace/)).getByLabel(which), 'Ducted furnace')
  await addAfter(/^Tee, 3\/8 flare 2/, ...branch, ['cooktop', 'Add: Cooktop'])
  await choose((await about(hand, page, /^Cooktop after/)).getByLabel(which), 'Cooktop')
  await isReady(hand, page, await tightAndBack(hand, page, 20))
  expect(hand.made.taps).toBeLessThanOrEqual(120)
  quiet()
})

test('a small motorhome with an onboard tank: from nothing to ready on a phone', async ({ page }) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  const hand = counted(page)
  const { tap, choose, type, press, station, fix } = hand
  await page.goto(kettle.url)
  await type('What do you call your rig?', 'Heron')
  await choose(page.getByLabel('Kind', { exact: true }), 'Motorhome')
  await press(sharedLabels.goOn)
  await tap(page.getByText('Another, or later', { exact: true }))
  await press(sharedLabels.goOn)
  await tap(page.getByLabel('Nothing that burns gas'))
  await tap(page.getByLabel(/^Cooktop/))
  await tap(page.getByLabel(/^Grill/))
  await press(sharedLabels.goOn)
  await survey(hand, page, '60')

  await station(/^Cylinders/)
  await tap(page.getByRole('link', { name: /Add a cylinder|Another|new/i }).first())
  await choose(page.getByLabel('Kind', { exact: true }), 'Fixed onboard tank')
  await type('What you call it', 'Tank')
  await type('WC, the water capacity', '12')
  await press(cylindersLabels.saveTheStamps)
  await expect(page).not.toHaveURL(/new$/)
  await station(/^Trip/)
  await fix('Weigh Tank: its contents are unknown', 'Read its gauge')
  await type(sharedLabels.theGaugeShows, '75')
  await press(cylindersLabels.saveTheReading)
  await expect(page.getByText('Reading of Tank saved')).toBeVisible()
  await lookOver(hand, page)

  await station(/^Trip/)
  await fix('is not drawn', 'Draw it')
  await press(/^Onboard tank/)
  await press(hookupLabels.allOutside)
  const regulator = await about(hand, page, /^Single-stage regulator/)
  await choose(regulator.getByLabel('Vent points down, covered'), 'yes')
  for (const hose of [/^Hose for cylinder pressure/, /^Low-pressure hose/]) {
    await choose((await about(hand, page, hose)).getByLabel('Its dates are kept under'), 'Hose or pigtail')
  }
  await isReady(hand, page, await tightAndBack(hand, page, 9))
  expect(hand.made.taps).toBeLessThanOrEqual(65)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})

test('a van with one cylinder, a panel on a hose and a stove: from nothing to ready on a phone', async ({ page }) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  const hand = counted(page)
  const { tap, choose, type, press, go, station, fix } = hand
  await page.goto(kettle.url)
  await type('What do you call your rig?', 'Heron')
  await choose(page.getByLabel('Kind', { exact: true }), 'van')
  await press(sharedLabels.goOn)
  await tap(page.getByText('10 lb cylinder', { exact: true }))
  await type(sharedLabels.onTheScaleNow, '21.8')
  await type('Month it was made, on its collar', '03-20')
  await press(sharedLabels.goOn)
  await tap(page.getByLabel(/^Catalytic panel/))
  await type('Its heat input on high', '3000')
  await tap(page.getByLabel(/^Cooktop/))
  await press(sharedLabels.goOn)
  await survey(hand, page, '50')

  await fix('Nobody read the tare', 'Enter its stamps')
  await type('TW, the tare', '12')
  await press(cylindersLabels.saveTheStamps)
  await expect(page.getByText('Stamps of 10 lb cylinder saved')).toBeVisible()
  await lookOver(hand, page)

  await station(/^Trip/)
  await fix('The distances of Catalytic panel', 'Enter them')
  await type('Front', '18 in')
  await tap(page.getByLabel(heatLabels.theseDistancesAreFromItsManual))
  await press(heatLabels.saveTheHeater)
  await expect(page.getByRole('button', { name: heatLabels.saveTheHeater })).toBeHidden()
  await go('Room and heater')
  await press(/^Van/)
  await press(heatLabels.putItOnThePlan)
  await press(heatLabels.lookForPlaces)
  await press('Take place 1')
  await press(heatLabels.saveTheRoom)
  await expect(page).toHaveURL(/room=(?!new)/)
  await go(heatLabels.openingsAndAir)
  await press(heatLabels.writeThatIn)
  await press(heatLabels.saveTheOpenings)
  await expect(page.getByText(sharedLabels.saved, { exact: true })).toBeVisible()

  await station(/^Hook-up/)
  await press(/panel and stove/)
  await press(hookupLabels.allOutside)
  const regulator = await about(hand, page, /^Two-stage regulator/)
  await choose(regulator.getByLabel('Vent points down, covered'), 'yes')
  for (const name of [/^Pigtail/, /^Panel hose/, /^Stove hose/]) {
    await choose((await about(hand, page, name)).getByLabel('Its dates are kept under'), 'Hose or pigtail')
  }
  await isReady(hand, page, await tightAndBack(hand, page, 10))
  // The soap test is counted by itself: its places are as many as the line has.
  expect(hand.made.taps - 2).toBeLessThanOrEqual(68)
  expect(hand.made.entries).toBeLessThanOrEqual(20)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})
