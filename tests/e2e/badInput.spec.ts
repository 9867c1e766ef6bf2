import { expect } from '@playwright/test'
import { type Kettle, startKettle, test } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('at the scale each wrong input gets its sentence at the field, and nothing is stored', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  const field = page.getByLabel('On the scale now')
  const rows = page.getByRole('region', { name: 'History' }).getByRole('row')
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
    await page.getByRole('button', { name: 'Save the weighing' }).click()
    await answer
    await expect(field).toHaveValue(text)
  }
  await field.fill('')
  await page.getByRole('button', { name: 'Save the weighing' }).click()
  await expect(page.getByText('Enter what the scale shows.')).toBeVisible()
  await page.reload()
  expect(await rows.count()).toBe(before)
})

test('a late answer does not apply to newer input', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.route('**/fill/by-weight*', async (route) => {
    if (route.request().method() === 'POST') await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  const field = page.getByLabel('On the scale', { exact: true })
  await field.fill('99')
  await field.blur()
  await expect(page.getByText('brim-full', { exact: false })).toBeVisible()
  const answered = page.waitForResponse((response) => response.request().method() === 'POST')
  await page.getByRole('button', { name: 'Save the fill' }).click()
  await field.fill('31.4')
  await answered
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('13.6 lb')
  await expect(page.getByText('brim-full', { exact: false })).toHaveCount(0)
  await expect(field).toHaveAttribute('aria-invalid', 'false')
})

test('temperatures out of range are refused at their field', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  for (const text of ['-101 C', '151 C']) {
    await page.getByLabel('Temperature of the liquid').fill(text)
    await expect(page.getByText(/must lie between −148 °F/)).toBeVisible()
  }
})

test('impossible stamps', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel('TW, the tare').fill('17.5')
  await page.getByLabel('WC, the water capacity').fill('47.6')
  await page.getByLabel('Month it was made').fill('13-20')
  await expect(page.getByText('There is no month 13.')).toBeVisible()
  await page.getByRole('button', { name: 'Save the stamps' }).click()
  await expect(page).toHaveURL(/new$/)
  await page.getByLabel('Month it was made').fill('')
  await page.getByLabel('WC, the water capacity').fill('0')
  await page.getByRole('button', { name: 'Save the stamps' }).click()
  await expect(page.getByText('Give it a name.')).toBeVisible()
  await expect(page.getByText('This must weigh more than nothing.')).toBeVisible()
  await expect(page.getByLabel('TW, the tare')).toHaveValue('17.5')
})

test('a trip of no nights, of 25 hours a day, above the atmosphere', async ({ page }) => {
  await page.goto(`${kettle.url}/trips/larkspur`)
  await page.getByLabel('Nights').fill('0')
  await expect(page.getByText('Enter a whole number of nights, 1 to 366.')).toBeVisible()
  await expect(page.locator('.verdict')).toContainText('Not judged')
  await page.getByLabel('Nights').fill('4')
  await page.getByLabel('Hours a day, Panel heater').fill('25')
  await expect(page.getByText('Panel heater: a day has 24 hours.')).toBeVisible()
  await page.getByLabel('Hours a day, Panel heater').fill('24')
  await page.getByLabel('Altitude').fill('20000 m')
  await page.getByRole('button', { name: 'Save the trip' }).click()
  await expect(page.getByText(/The altitude must lie between/)).toBeVisible()
})

test('an unknown address answers as not found', async ({ page }) => {
  for (const place of ['/cylinders/nowhere', '/trips/nowhere', '/nowhere', '/cylinders/%00']) {
    const response = await page.goto(`${kettle.url}${place}`)
    expect([400, 404]).toContain(response?.status())
  }
})
