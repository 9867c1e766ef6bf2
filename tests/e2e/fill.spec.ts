import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const findings = (page: Page) => page.getByRole('region', { name: sharedLabels.findings })

test('somebody else’s cylinder: collar, refused as overdue, new mark, filled by scale to the limit, in the history', async ({
  page,
}) => {
  test.setTimeout(120_000)
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('TW 17.4 WC 47.6 DOT-4BA240 06-11 OPD')
  await page.getByLabel(sharedLabels.whatYouCallIt).fill('Stranger')
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await page.getByRole('link', { name: cylindersLabels.lookOver }).click()
  await expect(page.getByText('0 of 11 looked at')).toBeVisible()
  for (const sound of await page.getByRole('radio', { name: cylindersLabels.sound }).all()) await sound.check()
  await page.getByRole('button', { name: cylindersLabels.saveTheLookOver }).click()
  await expect(page.getByText('Look-over of Stranger saved')).toBeVisible()

  await page.locator('body').press('3')
  await page.getByRole('link', { name: fillLabels.byWeight }).click()
  await expect(page).toHaveURL(/by-weight/)
  await page.getByLabel(sharedLabels.onTheBench).selectOption({ label: 'Stranger · removable cylinder' })
  await expect(findings(page)).toContainText('Stranger: Out of date since the end of June 2021')
  await expect(page.getByText('No stop weight is given', { exact: false })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Step 1/ })).toBeDisabled()

  await findings(page).getByRole('link', { name: 'Enter its new mark' }).click()
  await page.getByLabel(cylindersLabels.monthAndYear).fill('10-26')
  await page.getByRole('button', { name: cylindersLabels.saveTheMark }).click()
  await expect(page.getByText('New mark of Stranger saved')).toBeVisible()

  const id = /cylinders\/([^/]+)/.exec(page.url())?.[1]
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=${id}`)
  await expect(page.getByRole('region', { name: 'Stranger' })).toContainText('37.4 lb')
  for (const step of [1, 2, 3, 4, 5]) await page.getByRole('button', { name: new RegExp(`^Step ${step}:`) }).click()
  await expect(page.getByRole('button', { name: /^Step 7/ })).toBeDisabled()

  await page.getByLabel(fillLabels.followTheScaleLive).check()
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  // Almost full already: the last 60 g flow in slowly.
  await page.getByLabel(sharedLabels.orAnyLoad).fill('16.9')
  const live = page.getByRole('region', { name: fillLabels.theScaleLive })
  await expect(live).toContainText('slow down', { timeout: 15_000 })
  await page.getByRole('button', { name: sharedLabels.slowly }).click()
  await expect(live).toContainText('stop: shut it now', { timeout: 30_000 })
  await page.getByRole('button', { name: sharedLabels.shut, exact: true }).click()
  await page.locator('.tray .btn-close').click()
  await page.getByRole('button', { name: fillLabels.takeThisWeight }).click({ timeout: 15_000 })
  const weight = Number(await page.getByLabel(fillLabels.onTheScale, { exact: true }).inputValue())
  expect(Math.abs(weight - 37.39)).toBeLessThan(0.12)
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('Fill of Stranger saved')).toBeVisible()

  await page.keyboard.press('Escape')
  await page.goto(`${kettle.url}/cylinders`)
  await page.getByRole('link', { name: /Stranger/ }).click()
  const history = page.getByRole('region', { name: sharedLabels.history })
  await expect(history.getByRole('row', { name: /Filled by weight/ })).toContainText('lb aboard afterwards')
  await expect(history.getByRole('row', { name: /Weighed/ })).toContainText('captured')
  quiet()
})

for (const viewport of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`by keyboard alone at ${viewport.width}: to Fill, by weight, type, save, undo`, async ({ page }) => {
    await page.setViewportSize(viewport)
    await page.goto(kettle.url)
    await page.locator('body').press('3')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Fill')
    const tabTo = async (reached: () => Promise<boolean>): Promise<void> => {
      for (let i = 0; i < 60 && !(await reached()); i += 1) await page.keyboard.press('Tab')
      expect(await reached()).toBe(true)
    }
    const focusedText = () => page.evaluate(() => document.activeElement?.textContent ?? '')
    await tabTo(async () => (await focusedText()) === 'By weight')
    await page.keyboard.press('Enter')
    await expect(page).toHaveURL(/by-weight/)
    const focusedLabel = () =>
      page.evaluate(() => (document.activeElement as HTMLInputElement | null)?.labels?.[0]?.textContent ?? '')
    await tabTo(async () => (await focusedLabel()) === 'On the scale')
    await page.keyboard.type('37.7 lb')
    await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('To go')
    await page.keyboard.press('Enter')
    await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
    await page.keyboard.press('u')
    await expect(page.getByText('Taken back: Fill of Left cylinder saved')).toBeVisible()
  })
}

test('over the limit it says what to do and what not to, and the weight is kept', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  for (const [text, sentence] of [
    ['heavy', /does not begin with a number/],
    ['10', /less than the empty cylinder/],
    ['99', /brim-full/],
  ] as const) {
    await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill(text)
    await page.getByLabel(fillLabels.onTheScale, { exact: true }).blur()
    await expect(page.getByText(sentence)).toBeVisible()
  }
  await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill('39')
  await expect(page.getByRole('alert').filter({ hasText: 'Overfilled.' })).toContainText(
    'a dealer comes to draw it down',
  )
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(findings(page)).toContainText('It is overfilled.')
  await page.getByRole('button', { name: sharedLabels.undo }).click()
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('37.8 lb')
})

test('over the limit the live scale alarms, in words and sound, until the load is off', async ({ page }) => {
  await page.addInitScript(() => {
    const sounding = new Set<AudioContext>()
    Object.assign(window, { sounding })
    const Real = window.AudioContext
    window.AudioContext = class extends Real {
      constructor() {
        super()
        sounding.add(this)
      }
      override close(): Promise<void> {
        sounding.delete(this)
        return super.close()
      }
    }
  })
  const sounding = () => page.evaluate(() => (window as unknown as { sounding: Set<unknown> }).sounding.size)
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel(fillLabels.followTheScaleLive).check()
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  const live = page.getByRole('region', { name: fillLabels.theScaleLive })
  await page.getByLabel(sharedLabels.orAnyLoad).fill('15')
  await expect(live).toContainText('to go')
  expect(await sounding()).toBe(0)
  await page.getByLabel(sharedLabels.orAnyLoad).fill('18')
  await expect(live.getByRole('alert')).toContainText('over the mark: shut it')
  expect(await sounding()).toBe(1)
  await page.getByLabel(sharedLabels.orAnyLoad).fill('10')
  await expect(live).toContainText('filling')
  expect(await sounding()).toBe(0)
})

test('CO2: by scale only, and never into a propane cylinder', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/co2`)
  await expect(page.getByRole('region', { name: 'Soda cylinder' })).toContainText('12.6 lb')
  await page.getByLabel(fillLabels.howTheFillerMeasures).selectOption({ label: 'by the pressure gauge' })
  await expect(findings(page)).toContainText('CO2 is never filled by pressure.')
  await page.getByLabel(sharedLabels.onTheBench).selectOption({ label: 'Left cylinder · removable cylinder' })
  await expect(findings(page)).toContainText('CO2 does not go into it.')
})

test('bottles: the setting decides, the scale too; a disposable one filled at home stays there', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/bottles?cylinder=throwaway`)
  await expect(findings(page)).toContainText('is not made to be refilled.')
  await page.getByLabel(/^Never/).check()
  await expect(findings(page)).toContainText('You chose never to fill bottles yourself.')
  await page.getByLabel(/^At home only/).check()
  await expect(findings(page)).toContainText('from then on it stays at home')
  await expect(page.getByRole('region', { name: fillLabels.throwAwayBottle })).toContainText('26.9 oz')
  await page.getByLabel(fillLabels.weighedEmpty).fill('15.2')
  await expect(page.getByText('more than its stamp', { exact: false })).toBeVisible()
  await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill('26.5')
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('Fill of Throw-away bottle saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/throwaway/stamps`)
  await expect(page.getByLabel(cylindersLabels.comesAlongOnTheTrip)).not.toBeChecked()
  await page.getByLabel(cylindersLabels.comesAlongOnTheTrip).check()
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByText('no trip may carry it', { exact: false })).toBeVisible()
})

test('where decanting stops: chilled, not chilled, vented, several, and a colder supply', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/bottles`)
  const bench = page.getByRole('region', { name: fillLabels.whereTheHissWillStop })
  await bench.getByLabel(fillLabels.supplysTemperature).fill('70')
  await bench.getByLabel(fillLabels.bottlesTemperature).fill('20')
  await expect(bench).toContainText('76 % of its limit')
  await expect(bench).toContainText('it gains little and releases gas: do not')
  await bench.getByLabel(fillLabels.bottlesInARow).selectOption('3')
  await expect(bench.getByRole('row')).toHaveCount(4)
  await bench.getByLabel(fillLabels.bottlesTemperature).fill('75')
  await expect(bench).toContainText('count on nothing')
  await bench.getByLabel(fillLabels.supplysTemperature).fill('300')
  await expect(bench.getByText('must lie between', { exact: false })).toBeVisible()
})

test('an onboard tank at half takes 2.4 gal, or 1.8, and says which was assumed', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/onboard`)
  await page.getByLabel(fillLabels.waterGallonsOnItsPlate).fill('6')
  await page.getByLabel(sharedLabels.theGaugeShows).fill('4/8')
  const slip = page.getByRole('region', { name: fillLabels.aFixedTank })
  await expect(slip.locator('.slip-result')).toContainText('2.4 gal')
  await expect(slip).toContainText('its full is 80 % of the inside')
  await page.getByLabel(sharedLabels.whatItsFullMarkMeans).selectOption('whole')
  await expect(slip.locator('.slip-result')).toContainText('1.8 gal')
  await page.getByLabel(sharedLabels.price).fill('3.00')
  await expect(slip).toContainText('$5.40')
})

test('a fixed tank in the records: filled, metered, and its gauge learned', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('ASME 6 WG MAWP 250 PSI')
  await page.getByLabel(sharedLabels.whatYouCallIt).fill('Belly tank')
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Belly tank')
  await page.goto(`${kettle.url}/fill/onboard`)
  for (const metered of ['3.6', '3.5', '3.7']) {
    await page.getByLabel(sharedLabels.theGaugeShows, { exact: true }).fill('50')
    await page.getByLabel(fillLabels.thePumpMetered).fill(metered)
    await page.getByLabel(fillLabels.theGaugeShowsThen).fill('100')
    await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
    await expect(page.getByLabel(fillLabels.thePumpMetered)).toHaveValue('')
  }
  await page.getByLabel('Go by 3 metered fills instead of the dial').check()
  await page.getByLabel(sharedLabels.theGaugeShows, { exact: true }).fill('50')
  await expect(page.getByRole('region', { name: 'Belly tank' }).locator('.slip-result')).toContainText('3.6 gal')
})

test('prices compared, one from the price board, and when a refillable bottle pays off', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/cost`)
  const table = page.getByRole('region', { name: fillLabels.pricesCompared })
  await expect(table.getByRole('row').nth(1)).toContainText('Quarry Road Farm Store')
  await page.getByLabel(fillLabels.whichCylinderGoes).selectOption({ label: 'Right cylinder, as it is' })
  await expect(table).toContainText('nothing gained')
  await page.getByRole('button', { name: fillLabels.readTheBoard }).click()
  await page.getByRole('button', { name: 'Take over the price of Two Pines Camp' }).click()
  await expect(table).toContainText('Two Pines Camp')
  await page.getByLabel(fillLabels.bottleAndAdapterTogether).fill('45')
  await expect(page.getByRole('region', { name: fillLabels.whenARefillableBottlePays })).toContainText(
    /Paid for after\s*8\s*fills/,
  )
  await page.getByRole('button', { name: fillLabels.addAPrice }).click()
  await page.getByRole('button', { name: fillLabels.saveThePrice }).click()
  await expect(page.getByText('A price is more than zero.')).toBeVisible()
})

test('before leaving: what is ticked is logged, what is missing is said', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/carrying?cylinder=left`)
  const outcome = page.locator('.carry-verdict')
  await expect(outcome).toContainText('Do not leave like this')
  for (const step of [1, 2, 3, 4, 5, 6]) {
    await page.getByRole('button', { name: new RegExp(`^Step ${step}:`) }).click()
    await expect(page.getByRole('button', { name: new RegExp(`^Step ${step}:`) })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
  }
  await expect(outcome).toContainText('Nothing stands against leaving')
  await page.reload()
  await expect(outcome).toContainText('Nothing stands against leaving')
  await page.getByLabel(fillLabels.whereTheyRide).selectOption({ label: 'in the living space of the rig' })
  await expect(findings(page)).toContainText('No cylinder rides in the living space.')
})

test('at the pump: one answer before the drive, and how much it should take', async ({ page }) => {
  await page.goto(`${kettle.url}/fill?cylinder=left`)
  await expect(page.getByRole('region', { name: cylindersLabels.willThePumpTakeIt })).toContainText(
    'Yes, as far as known',
  )
  await page.getByLabel(sharedLabels.temperatureOfTheLiquid).fill('0')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('75 %')
  await page.getByLabel(fillLabels.thePumpMetered).fill('1.2')
  await page.getByLabel(fillLabels.paid).fill('$4.50')
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('1.2 gal metered, $4.50 paid')
})
