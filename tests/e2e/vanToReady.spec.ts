import { expect, type Locator, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { closeTest, provePressure, soapEveryPlace } from './acts/soap'
import { nameInSentence } from '@/core/cylinders/cylinderKind'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { heatLabels } from '@/ui/terms/heatLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('empty')
})
test.afterAll(() => kettle.stop())

/** A page whose taps and typed entries are counted, as somebody with a phone makes them. */
function counted(page: Page) {
  const made = { taps: 0, entries: 0 }
  return {
    made,
    tap: async (what: Locator): Promise<void> => {
      made.taps += 1
      await what.click()
    },
    choose: async (what: Locator, option: string): Promise<void> => {
      made.taps += 1
      await what.selectOption(option)
    },
    type: async (label: string, text: string): Promise<void> => {
      made.entries += 1
      await page.getByLabel(label).fill(text)
    },
  }
}

test('a van with one cylinder, a panel on a hose and a stove: from nothing to ready on a phone', async ({ page }) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  await page.setViewportSize({ width: 390, height: 844 })
  const { made, tap, choose, type } = counted(page)
  const press = (name: string | RegExp) => tap(page.getByRole('button', { name, exact: true }))
  const go = (name: string) => tap(page.getByRole('link', { name, exact: true }))
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  const verdict = page.locator('.verdict')
  const station = async (name: RegExp): Promise<void> =>
    tap(page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link', { name }))
  const fix = (words: string, button: string) =>
    tap(findings.getByRole('listitem').filter({ hasText: words }).getByRole('link', { name: button }))

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
  for (const thing of ['Regulator', 'Hose or pigtail', 'Propane alarm', 'CO alarm', 'Fire extinguisher']) {
    await choose(page.getByLabel(thing, { exact: true }), 'sound')
    await type(`Month on the ${nameInSentence(thing)}`, '03-26')
  }
  await press(sharedLabels.goOn)
  await type('Where to', 'The lake')
  await type('Coldest night', '50')
  await type(sharedLabels.altitude, '1200 ft')
  await press(sharedLabels.seeTheVerdict)
  await expect(verdict).toContainText('Fix first')

  await fix('Nobody read the tare', 'Enter its stamps')
  await type('TW, the tare', '12')
  await press(cylindersLabels.saveTheStamps)
  await expect(page.getByText('Stamps of 10 lb cylinder saved')).toBeVisible()
  await go(cylindersLabels.lookOver)
  await expect(page.getByRole('button', { name: cylindersLabels.saveTheLookOver })).toBeVisible()
  for (const sound of await page.getByLabel(cylindersLabels.sound, { exact: true }).all()) await tap(sound)
  await press(cylindersLabels.saveTheLookOver)
  await expect(page.getByText(/^Look-over of .* saved$/)).toBeVisible()

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
  const about = async (name: RegExp): Promise<Locator> => {
    const list = page.getByRole('list', { name: hookupLabels.partsOfTheLine })
    await tap(list.getByRole('button', { name }).first())
    return page.getByRole('region', { name: /^About/ }).first()
  }
  const regulator = await about(/^Two-stage regulator/)
  await choose(regulator.getByLabel('Vent points down, covered'), 'yes')
  for (const name of [/^Pigtail/, /^Panel hose/, /^Stove hose/]) {
    const hose = await about(name)
    await choose(hose.getByLabel('Its dates are kept under'), 'Hose or pigtail')
  }
  await press(hookupLabels.saveTheLine)
  await expect(page.getByText(/panel and stove saved$/)).toBeVisible()
  await go(hookupLabels.joints)
  // Each joint is looked at by itself.
  const looked = page.getByRole('button', { name: 'as it should be', exact: true })
  await expect(looked).toHaveCount(10)
  for (let left = 10; left > 0; left -= 1) {
    await tap(looked.first())
    await expect(looked).toHaveCount(left - 1)
  }
  await press(hookupLabels.saveTheJoints)
  await expect(page.getByText(sharedLabels.saved, { exact: true })).toBeVisible()

  // The soap test is counted by itself: its places are as many as the line has.
  const before = made.taps
  await station(/^Leak test/)
  await press(leakTestLabels.beginAtTheCylinder)
  const soapTaps = made.taps - before + (await provePressure(page)) + (await soapEveryPlace(page)) + 2
  await closeTest(page, 'Cooktop')

  await station(/^Trip/)
  await expect(verdict).toBeVisible()
  expect(await findings.locator('li.stop, li.fix-first').allInnerTexts()).toEqual([])
  await expect(verdict).toContainText('Ready')
  await expect(verdict).toContainText('The gas is enough')
  await expect(verdict).not.toContainText('You accepted')
  test.info().annotations.push({ type: 'counted', description: JSON.stringify({ ...made, soapTaps }) })
  expect(made.taps - 2).toBeLessThanOrEqual(68)
  expect(made.entries).toBeLessThanOrEqual(20)
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  quiet()
})
