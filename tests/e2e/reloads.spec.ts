import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('input on a workbench survives a reload, in its units, until it is saved', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel('On the scale', { exact: true }).fill('36 lb 4 oz')
  await page.getByLabel('Also hanging on the scale').fill('0.5')
  await page.reload()
  await expect(page.getByLabel('On the scale', { exact: true })).toHaveValue('36 lb 4 oz')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('38.3 lb')

  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByLabel('Also hanging on the scale')).toHaveValue('0.227')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('17.37 kg')
  await page.reload()
  await expect(page.getByLabel('Also hanging on the scale')).toHaveValue('0.227')
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('38.3 lb')

  await page.getByRole('button', { name: 'Save the fill' }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('On the scale', { exact: true })).toHaveValue('')
  quiet()
})

test('half an inspection and half a mark survive a reload', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left/look-over`)
  await page
    .getByRole('group', { name: /No bulge/ })
    .getByLabel('Sound')
    .check()
  await page.getByLabel('Anything else seen').fill('a scratch')
  await page.reload()
  await expect(page.getByText('1 of 11 looked at')).toBeVisible()
  await expect(page.getByLabel('Anything else seen')).toHaveValue('a scratch')

  await page.goto(`${kettle.url}/cylinders/right/dates`)
  await page.getByLabel('Month and year').fill('09-26')
  await page.reload()
  await expect(page.getByLabel('Month and year')).toHaveValue('09-26')
})

test('two tabs: an alarm’s date changed in one is not silently overwritten by the other', async ({ page, context }) => {
  const open = async (tab: typeof page): Promise<void> => {
    await tab.goto(`${kettle.url}/cylinders/equipment`)
    await tab.getByRole('button', { name: 'Change CO alarm' }).click()
  }
  await open(page)
  const other = await context.newPage()
  await open(other)
  await other.getByLabel('To be replaced by').fill('01-29')
  await other.getByRole('form', { name: 'Change CO alarm' }).getByRole('button', { name: 'Save' }).click()
  await expect(other.getByText('to January 2029')).toBeVisible()

  await page.getByLabel('To be replaced by').fill('06-28')
  await page.getByRole('form', { name: 'Change CO alarm' }).getByRole('button', { name: 'Save' }).click()
  const note = page.getByRole('alert').filter({ hasText: 'Which one shall stand?' })
  await expect(note.getByRole('row', { name: /Replace by/ })).toContainText('2029-01')
  await expect(note.getByRole('row', { name: /Replace by/ })).toContainText('06-28')
  await note.getByRole('button', { name: 'Save mine over it' }).click()
  await expect(page.getByText('to June 2028')).toBeVisible()
})

test('a server that dies while a fill is saved: reported, kept, and saved once it runs again', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel('On the scale', { exact: true }).fill('37')
  await kettle.kill()
  await page.getByRole('button', { name: 'Save the fill' }).click()
  await expect(page.getByText('the server does not answer', { exact: false })).toBeVisible()
  await expect(page.getByLabel('On the scale', { exact: true })).toHaveValue('37')
  await page.getByRole('button', { name: 'Step 1: Date and look' }).click()
  await expect(page.getByText('Not logged: the server does not answer.', { exact: false })).toBeVisible()
  await kettle.restart()
  await page.getByRole('button', { name: 'Save the fill' }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(
    page.getByRole('region', { name: 'History' }).getByRole('row', { name: /Filled by weight.*19\.2 lb/ }),
  ).toHaveCount(1)
})

test('a fill made in one tab is judged by what another has found since', async ({ page, context }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel('On the scale', { exact: true }).fill('37.2')
  const other = await context.newPage()
  await other.goto(`${kettle.url}/cylinders/left/look-over`)
  await other
    .getByRole('group', { name: /No fire marks/ })
    .getByLabel('Not so')
    .check()
  await other.getByRole('button', { name: 'Save the look-over' }).click()
  await expect(other.getByRole('form', { name: 'Out of service' })).toBeVisible()

  await page.getByRole('button', { name: 'Save the fill' }).click()
  await expect(page.getByText('It may not be filled', { exact: false })).toBeVisible()
  await expect(page.getByLabel('On the scale', { exact: true })).toHaveValue('37.2')
})

test('input typed before the page’s scripts load is kept', async ({ page }) => {
  await page.route('**/_next/static/**/*.js', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.goto(`${kettle.url}/cylinders/bottle-1`, { waitUntil: 'commit' })
  await page.getByLabel('On the scale now').fill('27.6')
  await expect(page.getByText('as typed, not saved yet')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Bottle 1' })).toContainText('13.0 oz')
  await page.goto(`${kettle.url}/cylinders/new`, { waitUntil: 'commit' })
  await page.getByLabel('The collar, as stamped').fill('TW 17.8')
  await expect(page.getByText('Tare 17.8 lb', { exact: false })).toBeVisible()
  await expect(page.getByLabel('TW, the tare')).toHaveValue('17.8')
})
