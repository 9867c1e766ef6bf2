import { expect } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { fillLabels } from '@/ui/terms/fillLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('input on a workbench survives a reload, in its units, until it is saved', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill('36 lb 4 oz')
  await page.getByLabel(sharedLabels.alsoHangingOnTheScale).fill('0.5')
  await page.reload()
  await expect(page.getByLabel(fillLabels.onTheScale, { exact: true })).toHaveValue('36 lb 4 oz')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('38.3 lb')

  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByLabel(sharedLabels.alsoHangingOnTheScale)).toHaveValue('0.227')
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('17.36 kg')
  await page.reload()
  await expect(page.getByLabel(sharedLabels.alsoHangingOnTheScale)).toHaveValue('0.227')
  await page.getByRole('button', { name: /^Units/ }).click()
  await expect(page.getByRole('region', { name: 'Left cylinder' })).toContainText('38.3 lb')

  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel(fillLabels.onTheScale, { exact: true })).toHaveValue('')
  quiet()
})

test('half an inspection and half a mark survive a reload', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left/look-over`)
  await page
    .getByRole('group', { name: /No bulge/ })
    .getByLabel(cylindersLabels.sound)
    .check()
  await page.getByLabel(cylindersLabels.anythingElseSeen).fill('a scratch')
  await page.reload()
  await expect(page.getByText('1 of 11 looked at')).toBeVisible()
  await expect(page.getByLabel(cylindersLabels.anythingElseSeen)).toHaveValue('a scratch')

  await page.goto(`${kettle.url}/cylinders/right/dates`)
  await page.getByLabel(cylindersLabels.monthAndYear).fill('09-26')
  await page.reload()
  await expect(page.getByLabel(cylindersLabels.monthAndYear)).toHaveValue('09-26')
})

test('two tabs: an alarm’s date changed in one is not silently overwritten by the other', async ({ page, context }) => {
  const open = async (tab: typeof page): Promise<void> => {
    await tab.goto(`${kettle.url}/cylinders/equipment`)
    await tab.getByRole('button', { name: 'Change CO alarm' }).click()
  }
  await open(page)
  const other = await context.newPage()
  await open(other)
  await other.getByLabel(cylindersLabels.toBeReplacedBy).fill('01-29')
  await other.getByRole('form', { name: 'Change CO alarm' }).getByRole('button', { name: cylindersLabels.save }).click()
  await expect(other.getByText('to January 2029')).toBeVisible()

  await page.getByLabel(cylindersLabels.toBeReplacedBy).fill('06-28')
  await page.getByRole('form', { name: 'Change CO alarm' }).getByRole('button', { name: cylindersLabels.save }).click()
  const note = page.getByRole('alert').filter({ hasText: 'Which one shall stand?' })
  await expect(note.getByRole('row', { name: /Replace by/ })).toContainText('2029-01')
  await expect(note.getByRole('row', { name: /Replace by/ })).toContainText('06-28')
  await note.getByRole('button', { name: sharedLabels.saveMineOverIt }).click()
  await expect(page.getByText('to June 2028')).toBeVisible()
})

test('a server that dies while a fill is saved: reported, kept, and saved once it runs again', async ({ page }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill('37')
  await kettle.kill()
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('the server does not answer', { exact: false })).toBeVisible()
  await expect(page.getByLabel(fillLabels.onTheScale, { exact: true })).toHaveValue('37')
  await page.getByRole('button', { name: 'Step 1: Date and look' }).click()
  await expect(page.getByText('Not logged: the server does not answer.', { exact: false })).toBeVisible()
  await kettle.restart()
  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('Fill of Left cylinder saved')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(
    page.getByRole('region', { name: sharedLabels.history }).getByRole('row', { name: /Filled by weight.*19\.2 lb/ }),
  ).toHaveCount(1)
})

test('a fill made in one tab is judged by what another has found since', async ({ page, context }) => {
  await page.goto(`${kettle.url}/fill/by-weight?cylinder=left`)
  await page.getByLabel(fillLabels.onTheScale, { exact: true }).fill('37.2')
  const other = await context.newPage()
  await other.goto(`${kettle.url}/cylinders/left/look-over`)
  await other
    .getByRole('group', { name: /No fire marks/ })
    .getByLabel(cylindersLabels.notSo)
    .check()
  await other.getByRole('button', { name: cylindersLabels.saveTheLookOver }).click()
  await expect(other.getByRole('form', { name: cylindersLabels.outOfService })).toBeVisible()

  await page.getByRole('button', { name: fillLabels.saveTheFill }).click()
  await expect(page.getByText('It may not be filled', { exact: false })).toBeVisible()
  await expect(page.getByLabel(fillLabels.onTheScale, { exact: true })).toHaveValue('37.2')
})

test('input typed before the page’s scripts load is kept', async ({ page }) => {
  await page.route('**/_next/static/**/*.js', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.goto(`${kettle.url}/cylinders/bottle-1`, { waitUntil: 'commit' })
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('27.6')
  await expect(page.getByText(cylindersLabels.asTypedNotSavedYet)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Bottle 1' })).toContainText('13.0 oz')
  await page.goto(`${kettle.url}/cylinders/new`, { waitUntil: 'commit' })
  await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('TW 17.8')
  await expect(page.getByText('Tare 17.8 lb', { exact: false })).toBeVisible()
  await expect(page.getByLabel('TW, the tare')).toHaveValue('17.8')
})
