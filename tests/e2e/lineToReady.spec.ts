import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test } from './kettle'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const station = (page: Page, name: RegExp) =>
  page.getByRole('navigation', { name: sharedLabels.stations }).getByRole('link', { name })
const list = (page: Page) => page.getByRole('list', { name: hookupLabels.partsOfTheLine })
const place = (page: Page) => page.getByRole('region', { name: leakTestLabels.thePlaceToSoap })

test('on a phone: started from a ready-made line, a part inserted and described by the list alone', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${kettle.url}/hookup?line=new`)
  await page.getByRole('button', { name: /One cylinder, splitter/ }).click()
  await expect(list(page).getByRole('button')).toHaveCount(7)
  await list(page)
    .getByRole('button', { name: /^In-line fuel filter/ })
    .click()
  await page
    .getByRole('region', { name: /^About In-line fuel filter/ })
    .getByRole('button', { name: sharedLabels.takeItOut })
    .click()
  const findings = page.getByRole('region', { name: sharedLabels.findings })
  await expect(findings).toContainText('is on a hose without a fuel filter')
  await page.getByRole('button', { name: sharedLabels.undo, exact: true }).first().click()
  await expect(findings).not.toContainText('fuel filter')
  // The only radiant of the rig is this one: it is linked from the beginning.
  await list(page)
    .getByRole('button', { name: /^Small radiant/ })
    .click()
  const heater = page.getByRole('region', { name: 'About Small radiant' })
  await expect(heater.getByLabel(hookupLabels.whichOfTheRigs)).toHaveValue('radiant')
  await heater.getByLabel(hookupLabels.whereItSits).selectOption('inside')
  await expect(findings).toContainText('brings cylinder pressure into the living space')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.getByRole('button', { name: sharedLabels.beginWithAnother }).click()
  await expect(page.getByRole('button', { name: /CO2 for tires/ })).toBeVisible()
})

test('the sheet by keyboard; u undoes the last entry', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test?line=soda-line`)
  await page.getByRole('button', { name: leakTestLabels.beginAtTheCylinder }).press('Enter')
  const progress = page.locator('.soap-progress')
  await expect(progress).toContainText('0 of')
  const steady = place(page).getByRole('button', { name: /^Gas came steadily/ })
  await steady.press('Enter')
  await expect(steady).toBeHidden()
  await place(page).getByRole('button', { name: /^None/ }).press('Enter')
  await expect(progress).toContainText('1 of')
  await place(page)
    .getByRole('button', { name: /^Audible hiss/ })
    .press('Enter')
  await expect(page.getByRole('region', { name: leakTestLabels.leaks })).toContainText('Audible hiss')
  await expect(station(page, /Leak test/)).toContainText('stop')
  await page.keyboard.press('u')
  await expect(page.getByText(sharedLabels.takenBack, { exact: false })).toBeVisible()
  await expect(progress).toContainText('1 of')
  await expect(page.getByRole('region', { name: leakTestLabels.leaks })).toBeHidden()
})

test('the three minutes continue through a reload, and stopping fills the field', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test/hold?line=house`)
  const timer = page.getByRole('group', { name: sharedLabels.timer })
  await expect(timer).toContainText('3:00')
  await timer.getByRole('button', { name: leakTestLabels.startTheThreeMinutes }).click()
  await expect(timer).toContainText('2:5')
  await page.reload()
  await expect(timer).toContainText(/2:[45]/)
  await timer.getByRole('button', { name: leakTestLabels.stopItHere }).click()
  await expect(timer).toContainText('3:00')
  await expect(page.getByLabel(leakTestLabels.timeBetween)).toHaveValue(/^0/)
  // The other side is read from its gauge, in psi.
  await page.getByLabel(leakTestLabels.sideThatIsHeld).selectOption('cylinder')
  await expect(page.getByText('Where to start depends on the line’s temperature')).toBeVisible()
  await page.getByLabel(leakTestLabels.linesTemperatureAtTheStart).fill('60')
  await expect(page.getByText(/Start between 82\spsi and 86\spsi/)).toBeVisible()
  await page.getByLabel('Start: gauge').fill('84')
  await page.getByLabel('End: gauge').fill('70')
  await page.getByLabel(leakTestLabels.timeBetween).fill('15')
  await expect(page.locator('.verdict')).toContainText('Fell')
  // 3 psi that stay are no test, nor is a night.
  await page.getByLabel('Start: gauge').fill('3')
  await page.getByLabel('End: gauge').fill('3')
  await expect(page.locator('.verdict')).toContainText('Begun too low: no test')
  await page.getByLabel('Start: gauge').fill('84')
  await page.getByLabel('End: gauge').fill('84')
  await expect(page.locator('.verdict')).toContainText('Held')
  await page.getByLabel(leakTestLabels.timeBetween).fill('600')
  await expect(page.locator('.verdict')).toContainText('Held too long: no test')
  await page.getByLabel(leakTestLabels.timeBetween).fill('15')
  await page.getByLabel('End: gauge').fill('70')
  await expect(page.getByRole('region', { name: 'House line' })).toContainText(/84\spsi/)
  await page.getByRole('button', { name: /^Step 1/ }).click()
  await expect(page.getByRole('button', { name: /^Step 1/ })).toHaveAttribute('aria-pressed', 'true')
})
