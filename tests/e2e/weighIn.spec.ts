import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

for (const [name, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test(`a bottle is weighed in by mouse ${name}`, async ({ page }) => {
    const quiet = watchConsole(page)
    await page.setViewportSize(viewport)
    await page.goto(`${kettle.url}/cylinders`)
    await page.getByRole('link', { name: /Bottle 3/ }).click()
    await page.getByLabel(sharedLabels.onTheScaleNow).fill('1 lb 11.6 oz')
    const slip = page.getByRole('region', { name: 'Bottle 3' })
    await expect(slip).toContainText('13.0 oz')
    await expect(slip).toContainText('79 %')
    await expect(page.getByText(cylindersLabels.asTypedNotSavedYet)).toBeVisible()
    await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
    await expect(page.getByText('Weighing of Bottle 3 saved')).toBeVisible()
    await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText(
      '27.6 oz on the scale, typed: 13.0 oz aboard',
    )
    // What was saved a moment ago is not ahead of the clock.
    await expect(page.getByRole('region', { name: sharedLabels.history })).not.toContainText('dated ahead')

    await page.reload()
    await expect(page.getByRole('region', { name: 'Bottle 3' })).toContainText('by the last weighing')
    await expect(page.getByRole('region', { name: 'Bottle 3' })).toContainText('13.0 oz')
    // Times are shown in the reader's zone, not the server's.
    const stamp = (await page.locator('.history time').first().getAttribute('dateTime')) ?? ''
    const hour = new Date(stamp).toLocaleTimeString('en-GB', {
      timeZone: 'America/Denver',
      hour: '2-digit',
      minute: '2-digit',
    })
    await expect(page.locator('.history time').first()).toContainText(hour)
    // Nothing is wider than the screen.
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    quiet()
  })
}

for (const viewport of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`by keyboard alone at ${viewport.width}: to the cylinder, weigh, save, to the trip, undo`, async ({ page }) => {
    await page.setViewportSize(viewport)
    await page.goto(kettle.url)
    await page.locator('body').press('2')
    await expect(page).toHaveURL(/\/cylinders$/)
    await page.keyboard.press('/')
    await page.getByRole('textbox', { name: sharedLabels.find }).waitFor()
    await page.keyboard.type('left')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Left cylinder')
    for (let i = 0; i < 40; i += 1) {
      const label = await page.evaluate(
        () => (document.activeElement as HTMLInputElement | null)?.labels?.[0]?.textContent ?? '',
      )
      if (label.startsWith('On the scale now')) break
      await page.keyboard.press('Tab')
    }
    await page.keyboard.type('36.8')
    await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('19.0 lb')
    await page.keyboard.press('Enter')
    await expect(page.getByText('Weighing of Left cylinder saved')).toBeVisible()
    await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('by the last weighing')
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
    await page.keyboard.press('1')
    await expect(page.getByRole('region', { name: 'The rig’s line' })).toContainText('19.0 lb')
    await expect(page.locator('.verdict')).toContainText('The rig’s line: enough.')
    await page.keyboard.press('u')
    await expect(page.getByText('Taken back: Weighing of Left cylinder saved')).toBeVisible()
    await expect(page.getByRole('region', { name: 'The rig’s line' })).toContainText('13.6 lb')
    await page.goBack()
    await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText(
      'Undone right after it was saved',
    )
  })
}

test('a reading is captured from the scale into the field', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/right`)
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  await page.getByRole('button', { name: sharedLabels.capture }).click()
  await expect(page.getByText('Choose the field')).toBeVisible()

  await page.getByLabel(sharedLabels.temperatureOfTheLiquid).focus()
  await page.getByRole('button', { name: sharedLabels.capture }).click()
  await expect(page.getByText(/does not measure a temperature/)).toBeVisible()

  await page.getByLabel(sharedLabels.whatStandsOnIt).selectOption({ label: 'Right cylinder' })
  await expect(page.getByTestId('scale-reading')).toContainText('steady', { timeout: 15_000 })
  await page.getByLabel(sharedLabels.onTheScaleNow).focus()
  await page.keyboard.press('Alt+c')
  await expect(page.getByText('Captured into the field.')).toBeVisible()
  expect(Number(await page.getByLabel(sharedLabels.onTheScaleNow).inputValue())).toBeCloseTo(35.9, 0)
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('captured')
})

test('switching units converts every figure and half-typed input', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('31.4')
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('14.243')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('6.17 kg')
  await page.reload()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('14.243')
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByLabel(sharedLabels.onTheScaleNow)).toHaveValue('31.4')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('13.6 lb')
})

test('any line of a calculation and any figure opens to its source', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  await page.getByRole('button', { name: /Most it may hold/ }).click()
  await expect(page.getByText('49 CFR 173.304a(d)(1)')).toBeVisible()
  await expect(page.getByText('from memory').first()).toBeVisible()
  await page.locator('.pressures .figure').first().click()
  await expect(page.getByRole('tooltip')).toContainText('does not tell how much is left')
})

test('a mistaken weighing is voided with a reason and stays visible', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/soda`)
  await page
    .getByRole('row', { name: /Weighed/ })
    .getByRole('button', { name: sharedLabels.void, exact: true })
    .click()
  await page.getByRole('button', { name: 'Void it' }).click()
  await expect(page.getByText('Say why, in a few words.')).toBeVisible()
  await page.getByLabel(sharedLabels.whyIsItWrong).fill('the adapter was on it')
  await page.getByRole('button', { name: 'Void it' }).click()
  await expect(page.getByText('voided: the adapter was on it')).toBeVisible()
  await expect(page.getByText('Weigh Soda cylinder: its contents are unknown.')).toBeVisible()
})
