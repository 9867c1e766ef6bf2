import { expect } from '@playwright/test'
import { type Kettle, startKettle, test } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { fillLabels } from '@/ui/terms/fillLabels'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'
import { tripsLabels } from '@/ui/terms/tripsLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('at the scale each wrong input gets its sentence at the field, and nothing is stored', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  const field = page.getByLabel(sharedLabels.onTheScaleNow)
  const rows = page.getByRole('region', { name: sharedLabels.history }).getByRole('row')
  const before = await rows.count()
  const cases: readonly { text: string; sentence: RegExp; isSent: boolean }[] = [
    { text: 'heavy', sentence: /does not begin with a number/, isSent: false },
    { text: '31 stone', sentence: /“stone” is not a unit/, isSent: false },
    { text: '5 gal', sentence: /That is a volume/, isSent: false },
    { text: '1 lb 200 g', sentence: /do not go together/, isSent: false },
    { text: '-3', sentence: /cannot be negative/, isSent: false },
    { text: '12', sentence: /less than the empty cylinder weighs/, isSent: true },
    { text: '99', sentence: /brim-full/, isSent: true },
  ]
  for (const { text, sentence, isSent } of cases) {
    await field.fill(text)
    await field.blur()
    await expect(page.getByText(sentence)).toBeVisible()
    await expect(field).toHaveAttribute('aria-invalid', 'true')
    const answer = isSent ? page.waitForResponse((response) => response.request().method() === 'POST') : null
    await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
    await answer
    await expect(field).toHaveValue(text)
  }
  await field.fill('')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByText(cylindersLabels.enterWhatTheScaleShows)).toBeVisible()
  await page.reload()
  expect(await rows.count()).toBe(before)
})

test('a late answer does not apply to newer input', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.route('**/fill/by-weight*', async (route) => {
    if (route.request().method() === 'POST') await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  const field = page.getByLabel(fillLabels.onTheScale, { exact: true })
  await field.fill('99')
  await field.blur()
  await expect(page.getByText('brim-full', { exact: false })).toBeVisible()
  const answered = page.waitForResponse((response) => response.request().method() === 'POST')
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await field.fill('31.4')
  await answered
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('13.6 lb')
  await expect(page.getByText('brim-full', { exact: false })).toHaveCount(0)
  await expect(field).toHaveAttribute('aria-invalid', 'false')
})

test('temperatures out of range are refused at their field', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  for (const text of ['-101 C', '151 C']) {
    await page.getByLabel(sharedLabels.temperatureOfTheLiquid).fill(text)
    await expect(page.getByText(/must lie between −148 °F/)).toBeVisible()
  }
})

test('impossible stamps', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel('TW, the tare').fill('17.5')
  await page.getByLabel('WC, the water capacity').fill('47.6')
  await page.getByLabel(cylindersLabels.monthItWasMade).fill('13-20')
  await expect(page.getByText('There is no month 13.')).toBeVisible()
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page).toHaveURL(/new$/)
  await page.getByLabel(cylindersLabels.monthItWasMade).fill('')
  await page.getByLabel('WC, the water capacity').fill('0')
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByText(heatLabels.giveItAName)).toBeVisible()
  await expect(page.getByText('This must weigh more than zero.')).toBeVisible()
  await expect(page.getByLabel('TW, the tare')).toHaveValue('17.5')
})

test('a trip of no nights, of 25 hours a day, above the atmosphere', async ({ page }) => {
  await page.goto(`${kettle.url}/trips/larkspur`)
  await page.getByLabel(sharedLabels.nights).fill('0')
  await expect(page.getByText(sharedLabels.enterAWholeNumberOfNights)).toBeVisible()
  await expect(page.locator('.verdict')).toContainText('Not judged')
  await page.getByLabel(sharedLabels.nights).fill('4')
  await page.getByLabel('Hours a day, Panel heater').fill('25')
  await expect(page.getByText('Panel heater: a day has 24 hours.')).toBeVisible()
  await page.getByLabel('Hours a day, Panel heater').fill('24')
  await page.getByLabel(sharedLabels.altitude).fill('20000 m')
  await page.getByRole('button', { name: tripsLabels.saveTheTrip }).click()
  await expect(page.getByText(/The altitude must lie between/)).toBeVisible()
})

test('an unknown address answers as not found', async ({ page }) => {
  for (const place of ['/cylinders/nowhere', '/trips/nowhere', '/nowhere', '/cylinders/%00']) {
    const response = await page.goto(`${kettle.url}${place}`)
    expect([400, 404]).toContain(response?.status())
  }
})
