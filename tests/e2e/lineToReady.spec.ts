import { expect, test, type Page } from '@playwright/test'
import { startKettle, watchConsole, type Kettle } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const station = (page: Page, name: RegExp) =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name })
const list = (page: Page) => page.getByRole('list', { name: 'Parts of the line' })
const place = (page: Page) => page.getByRole('region', { name: 'The place to soap' })

/** Soaps every place of a line, each reading none, and closes the test. */
async function soapAll(page: Page, line: string, burned: string): Promise<void> {
  await page.goto(`${kettle.url}/leak-test?line=${line}`)
  await page.getByRole('button', { name: 'Begin at the cylinder' }).click()
  await expect(place(page)).toBeVisible()
  const places = await page.getByRole('list', { name: 'Places' }).getByRole('listitem').count()
  for (let i = 0; i < places; i += 1) {
    await expect(page.locator('.soap-progress')).toContainText(`${i} of ${places} places soaped`)
    await place(page).getByRole('button', { name: /^None/ }).click()
  }
  await page.getByLabel(/^It (burned|took gas)$/).selectOption(burned)
  await page.getByRole('button', { name: 'Close the test' }).click()
  await expect(page.getByRole('region', { name: 'Begin a leak test' })).toContainText('Closed')
}

test('every fault planted in the line is led to from the trip, mended, soaped, and both stations read ready', async ({
  page,
}) => {
  test.setTimeout(300_000)
  const quiet = watchConsole(page)
  await page.goto(kettle.url)
  const lead = (words: string, button: string) =>
    page.locator('.findings > li', { hasText: words }).getByRole('link', { name: button }).click()

  await lead('was taped, and it seals on its face', 'To the joint')
  await expect(page).toHaveURL(/hookup\/joints/)
  await page.locator('.joint-row.asked').getByLabel('How it was made').selectOption('as-it-should')
  await page.getByRole('button', { name: 'Save the joints' }).click()
  await expect(page.getByText('House line saved')).toBeVisible()

  await page.goto(kettle.url)
  await lead('Is Panel tube clipped', 'To the line')
  const about = page.getByRole('region', { name: 'About Panel tube' })
  await about.getByLabel('Clipped, sleeved').selectOption('yes')
  // The branch without a shut-off: a valve goes in between the tee and the tube.
  await list(page)
    .getByRole('button', { name: /^Tee, 3\/8 flare/ })
    .first()
    .click()
  const tee = page.getByRole('region', { name: 'About Tee, 3/8 flare' })
  await tee.getByRole('paragraph').filter({ hasText: 'Panel tube' }).getByRole('button', { name: 'Part them' }).click()
  await page.getByLabel('Find a part').fill('swivel 3/8')
  await page.getByRole('button', { name: 'Add: Shut-off valve with 3/8 swivel nut, for a tee' }).click()
  const valve = page.getByRole('region', { name: /^About Shut-off valve/ })
  await valve.getByRole('combobox', { name: /: open/ }).selectOption({ label: 'Panel tube (fits)' })
  await page.getByRole('button', { name: 'Save the line' }).click()
  await expect(page.getByText('House line saved')).toBeVisible()
  await page.getByRole('link', { name: 'Joints', exact: true }).click()
  await page.getByRole('button', { name: /^I looked at the 2 not known/ }).click()
  await page.getByRole('button', { name: 'Save the joints' }).click()
  await expect(station(page, /Hook-up/)).toContainText('ready')
  await expect(station(page, /Leak test/)).toContainText('fix first')

  await soapAll(page, 'house', 'Cooktop')
  await soapAll(page, 'soda-line', 'Soda keg')
  await expect(station(page, /Leak test/)).toContainText('ready')

  // A cylinder that is filled was taken off and put on again.
  await page.goto(`${kettle.url}/fill?cylinder=left`)
  await page.getByLabel('The pump metered').fill('1.2')
  await page.getByRole('button', { name: 'Save the fill' }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await expect(station(page, /Leak test/)).toContainText('fix first')
  await page.goto(kettle.url)
  await expect(page.getByText('House line: a cylinder was filled after the last leak test.')).toBeVisible()
  quiet()
})

test('on a phone: begun from a ready-made line, a part put in and told of by the list alone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${kettle.url}/hookup?line=new`)
  await page.getByRole('button', { name: /One cylinder, splitter/ }).click()
  await expect(list(page).getByRole('button')).toHaveCount(7)
  await list(page)
    .getByRole('button', { name: /^In-line fuel filter/ })
    .click()
  await page
    .getByRole('region', { name: /^About In-line fuel filter/ })
    .getByRole('button', { name: 'Take it out' })
    .click()
  const findings = page.getByRole('region', { name: 'Findings' })
  await expect(findings).toContainText('stands on a hose without a fuel filter')
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(findings).not.toContainText('fuel filter')
  await list(page)
    .getByRole('button', { name: /^Portable radiant heater/ })
    .click()
  const heater = page.getByRole('region', { name: /^About Portable radiant/ })
  await heater.getByLabel('Where it sits').selectOption('inside')
  await expect(findings).toContainText('brings cylinder pressure into the living space')
  await heater.getByLabel('Which of the rig’s').selectOption('Small radiant')
  await expect(page.getByRole('region', { name: 'About Small radiant' })).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  await page.getByRole('button', { name: 'Begin with another' }).click()
  await expect(page.getByRole('button', { name: /CO2 for tyres/ })).toBeVisible()
})

test('the sheet by keyboard; what was told last is taken back by u', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test?line=soda-line`)
  await page.getByRole('button', { name: 'Begin at the cylinder' }).press('Enter')
  const progress = page.locator('.soap-progress')
  await expect(progress).toContainText('0 of')
  await place(page).getByRole('button', { name: /^None/ }).press('Enter')
  await expect(progress).toContainText('1 of')
  await place(page)
    .getByRole('button', { name: /^Audible hiss/ })
    .press('Enter')
  await expect(page.getByRole('region', { name: 'Leaks' })).toContainText('Audible hiss')
  await expect(station(page, /Leak test/)).toContainText('stop')
  await page.keyboard.press('u')
  await expect(page.getByText('Taken back', { exact: false })).toBeVisible()
  await expect(progress).toContainText('1 of')
  await expect(page.getByRole('region', { name: 'Leaks' })).toBeHidden()
})

test('the three minutes run on through a reload, and stopped fill the field', async ({ page }) => {
  await page.goto(`${kettle.url}/leak-test/hold?line=house`)
  const timer = page.getByRole('group', { name: 'Timer' })
  await expect(timer).toContainText('3:00')
  await timer.getByRole('button', { name: 'Start the three minutes' }).click()
  await expect(timer).toContainText('2:5')
  await page.reload()
  await expect(timer).toContainText(/2:[45]/)
  await timer.getByRole('button', { name: 'Stop it here' }).click()
  await expect(timer).toContainText('3:00')
  await expect(page.getByLabel('Time between')).toHaveValue(/^0/)
  // The other side is read off its gauge, in psi.
  await page.getByLabel('Side that is held').selectOption('cylinder')
  await page.getByLabel('Start: gauge').fill('80')
  await page.getByLabel('End: gauge').fill('70')
  await page.getByLabel('Time between').fill('15')
  await expect(page.locator('.verdict')).toContainText('Fell')
  await expect(page.getByRole('region', { name: 'House line' })).toContainText(/80\spsi/)
  await page.getByRole('button', { name: /^Step 1/ }).click()
  await expect(page.getByRole('button', { name: /^Step 1/ })).toHaveAttribute('aria-pressed', 'true')
})
