import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('a find retires the cylinder; only somebody with a licence brings it back; the history keeps both', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${kettle.url}/cylinders/left/look-over`)
  await page.getByRole('button', { name: 'Save the look-over' }).click()
  await expect(page.getByText('Look at something first.')).toBeVisible()
  const item = (title: string) => page.getByRole('group', { name: new RegExp(title) })
  await item('No bulge').getByLabel('Not so').check()
  await item('No deep rust').getByLabel('Sound').check()
  await expect(page.getByText('Saved so, it is out of service', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Save the look-over' }).click()
  const retired = page.getByRole('form', { name: 'Out of service' })
  await expect(retired).toContainText('no bulge')

  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await expect(page.getByText('A weight alone is kept under Cylinders', { exact: false })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save the fill' })).toHaveCount(0)
  await page.getByRole('link', { name: 'See what was found' }).click()

  await retired.getByRole('button', { name: 'Back into service' }).click()
  await expect(retired.getByText('Say who looked at it.')).toBeVisible()
  await retired.getByLabel('Who cleared it').fill('the dealer at Larkspur')
  await retired.getByLabel('What was said or done').fill('a shadow, no bulge')
  await retired.getByRole('button', { name: 'Back into service' }).click()
  await expect(retired).toBeHidden()
  await page.getByRole('link', { name: 'Weigh', exact: true }).click()
  const history = page.getByRole('region', { name: 'History' })
  await expect(history).toContainText('By the dealer at Larkspur: a shadow, no bulge')
  await expect(history).toContainText('Not so: no bulge')
})

test('hoses and alarms: looked at with one tap, entered with a month, past their time said so', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/cylinders/equipment`)
  const findings = page.getByRole('region', { name: 'Findings' })
  await expect(findings).toContainText('Left pigtail is past its time: October 2024.')
  await page.getByRole('button', { name: 'CO alarm is sound' }).click()
  await expect(findings).not.toContainText('CO alarm is to be looked over.')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(findings).toContainText('CO alarm is to be looked over.')

  await page.getByRole('button', { name: 'Change Left pigtail' }).click()
  const form = page.getByRole('form', { name: 'Change Left pigtail' })
  await form.getByLabel('Month it was made').fill('13-24')
  await expect(form.getByText('There is no month 13.')).toBeVisible()
  await form.getByLabel('Month it was made').fill('03-26')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(findings).not.toContainText('Left pigtail is past its time')
  quiet()
})

test('contents by the height of the liquid and by a gauge; a pressure gauge is told for what it is', async ({
  page,
}) => {
  await page.goto(`${kettle.url}/cylinders/left/level`)
  await page.getByLabel('Height of the liquid').fill('6')
  await page.getByLabel('Inside diameter').fill('12')
  await page.getByLabel('Inside height').fill('4')
  await expect(page.getByText('shorter than its two dished ends', { exact: false })).toBeVisible()
  await page.getByLabel('Inside height').fill('15')
  const slip = page.getByRole('region', { name: 'Left cylinder' })
  await expect(slip).toContainText('9.8 lb')
  await page.getByLabel('An in-line pressure gauge shows').fill('40')
  await expect(page.getByText('the liquid is all but gone', { exact: false })).toBeVisible()
  await page.getByLabel('How it is told').selectOption({ label: 'by its gauge' })
  await page.getByLabel('The gauge shows').fill('9/8')
  await expect(page.getByText('from empty to full', { exact: false })).toBeVisible()
  await page.getByLabel('The gauge shows').fill('4/8')
  await expect(slip).toContainText('40 %')
  await page.getByRole('button', { name: 'Save the reading' }).click()
  await expect(page.getByText('Reading of Left cylinder saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: 'History' })).toContainText('40 % of its inside is liquid')
})

test('hot car, cold night: the lines that matter, as a table too, and for what if', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/cylinders/soda/heat`)
  await page.getByLabel('With this much in it').fill('5')
  await expect(page.locator('.heat-chart').getByText('5/4 of service pressure')).toBeVisible()
  await expect(page.locator('.heat-chart').getByText('burst disc goes')).toBeVisible()
  await expect(page.getByText('80 °F', { exact: true }).first()).toBeVisible()
  await page.getByText('As a table').click()
  await expect(page.getByRole('row')).toHaveCount(12)
  await page.getByLabel('With this much in it').fill('40')
  await expect(page.getByText('more than fits', { exact: false })).toBeVisible()
  quiet()
})
