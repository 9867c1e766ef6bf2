import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const collar = (page: Page) => page.getByRole('group', { name: sharedLabels.theCollarAsRead })

for (const viewport of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
]) {
  test(`a collar is read part by part, corrected by hand and saved with its mark, at ${viewport.width}`, async ({
    page,
  }) => {
    const quiet = watchConsole(page)
    await page.setViewportSize(viewport)
    await page.goto(`${kettle.url}/cylinders/new`)
    await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('tw 17.8 wc 47.6 dot-4ba240 06-11 e 05-25 hello opd')
    await expect(collar(page)).toContainText('Tare 17.8 lb, taken as pounds')
    await expect(collar(page)).toContainText('Requalified May 2025, external visual')
    await expect(collar(page).locator('.unread')).toContainText('hello')
    await expect(page.getByLabel('WC, the water capacity')).toHaveValue('47.6')
    await expect(page.getByLabel(cylindersLabels.monthItWasMade)).toHaveValue('2011-06')
    await expect(page.getByLabel(cylindersLabels.marksToEnterWithIt)).toHaveValue('05-2025 E')
    await expect(page.getByLabel(cylindersLabels.overfillStop)).toHaveValue('yes')
    await page.getByLabel('TW, the tare').fill('17.6')
    const name = `Spare at ${viewport.width}`
    await page.getByLabel(sharedLabels.whatYouCallIt).fill(name)
    await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(name)
    await expect(page.getByText('TW 17.6 lb')).toBeVisible()
    await expect(page.getByText('good through May 2030')).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(viewport.width)
    await page.getByRole('link', { name: cylindersLabels.stamps, exact: true }).click()
    await expect(page.getByLabel(cylindersLabels.theCollarAsStamped)).toHaveValue(/hello opd$/)
    quiet()
  })
}

test('impossible input blocks saving, with a reason; a reload loses nothing', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel(sharedLabels.whatYouCallIt).fill('Odd one')
  for (const [text, sentence] of [
    ['TW 17.8 WC 47.6 13-20', 'There is no month 13.'],
    ['TW 17.8 WC 47.6 06-11 E 05-49', 'has not come yet'],
    ['TW 17.8 WC 47.6 06-11 05-09E', 'older than the cylinder'],
  ] as const) {
    await page.getByLabel(cylindersLabels.theCollarAsStamped).fill(text)
    await expect(collar(page)).toContainText(sentence)
    await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
    await expect(page.getByText('Correct or take out the part that is marked below')).toBeVisible()
    await expect(page).toHaveURL(/new$/)
  }
  await page.reload()
  await expect(page.getByLabel(cylindersLabels.theCollarAsStamped)).toHaveValue('TW 17.8 WC 47.6 06-11 05-09E')
  await expect(page.getByLabel(sharedLabels.whatYouCallIt)).toHaveValue('Odd one')
})

test('WC in the place of TW, and 20 lb for a water capacity, are asked about', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel(sharedLabels.whatYouCallIt).fill('Mixed up')
  await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('TW 17.8 WC 20 DOT-4BA240 03-20')
  await expect(page.getByText('20.0 lb is the propane such a cylinder holds.', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByText('confirm that it is stamped so')).toBeVisible()
  await page.getByLabel(cylindersLabels.theCollarAsStamped).fill('TW 30 WC 47.6 DOT-4BA240 03-20')
  await expect(page.getByText('Are TW and WC the right way round?', { exact: false })).toBeVisible()
  await page.getByLabel(cylindersLabels.iLookedAgainItIsStamped).check()
  await page.getByRole('button', { name: cylindersLabels.saveTheStamps }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Mixed up')
})

test('a hundred is two sizes, told apart by picture and features', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/new`)
  await page.getByLabel(cylindersLabels.whatPeopleCallIt).fill('100')
  await expect(page.getByRole('img', { name: '100 lb cylinder' })).toBeVisible()
  await expect(page.getByText('tall and thin', { exact: false })).toBeVisible()
  await page
    .getByRole('listitem')
    .filter({ hasText: 'squat and wide' })
    .getByRole('button', { name: cylindersLabels.thisOne })
    .click()
  await expect(page.getByLabel('WC, the water capacity')).toHaveValue('1000')
  await page.getByLabel(sharedLabels.kind).selectOption({ label: 'Fixed onboard tank' })
  // The same volume, now in gallons.
  await expect(page.getByLabel('WC, the water capacity')).toHaveValue(/^119\.9/)
  await expect(page.getByLabel('TW, the tare')).toBeHidden()
})

test('an overdue date ends only with a new mark and its photo', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/right/dates`)
  await expect(page.getByText('out of date since May 2026', { exact: false })).toBeVisible()
  await expect(page.getByRole('region', { name: cylindersLabels.willThePumpTakeIt })).toContainText('No')
  await page.getByRole('button', { name: cylindersLabels.whichRuleSaysSo }).click()
  await expect(page.getByText('Common at filling stations', { exact: false })).toBeVisible()

  await page.getByRole('button', { name: cylindersLabels.saveTheMark }).click()
  await expect(page.getByText('Write month and year as on the collar')).toBeVisible()
  await page.getByLabel(cylindersLabels.monthAndYear).fill('05-49')
  await expect(page.getByText('has not come yet', { exact: false })).toBeVisible()
  await page.getByLabel(cylindersLabels.monthAndYear).fill('03-11')
  await page.getByRole('button', { name: cylindersLabels.saveTheMark }).click()
  await expect(page.getByText('older than the cylinder', { exact: false })).toBeVisible()

  await page
    .getByLabel(cylindersLabels.photoOfIt)
    .setInputFiles({ name: 'x.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
  await expect(page.getByText('This cannot be read as a picture', { exact: false })).toBeVisible()
  const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } })
  await page
    .getByLabel(cylindersLabels.photoOfIt)
    .setInputFiles({ name: 'mark.png', mimeType: 'image/png', buffer: picture })
  await expect(page.getByAltText('The picture to be kept')).toBeVisible()
  await page.getByLabel(cylindersLabels.monthAndYear).fill('09-26')
  await page.getByRole('button', { name: cylindersLabels.saveTheMark }).click()
  await expect(page.getByText('good through September 2031', { exact: false }).first()).toBeVisible()
  const photo = await page.request.get(
    kettle.url + (await page.getByRole('link', { name: cylindersLabels.photo }).getAttribute('href')),
  )
  expect(photo.headers()['content-type']).toBe('image/jpeg')
  expect((await photo.body()).length).toBeGreaterThan(1000)

  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: sharedLabels.undo }).click()
  await expect(page.getByText('out of date since May 2026', { exact: false })).toBeVisible()
})

test('another rule set gives another month, a custom one too', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/rules`)
  await page.getByLabel(/^US DOT Good/).check()
  await page.getByRole('button', { name: cylindersLabels.goByThis }).click()
  await expect(page.getByText(cylindersLabels.dateRuleSaved)).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left/dates`)
  await expect(page.getByText('March 2032').first()).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/rules`)
  await page.getByLabel(/^Your own rule/).check()
  await page.getByLabel('From manufacture, years').fill('many')
  await page.getByRole('button', { name: cylindersLabels.goByThis }).click()
  await expect(page.getByText(cylindersLabels.enterYearsSuchAs5)).toBeVisible()
  await page.getByLabel('From manufacture, years').fill('8')
  await page.getByRole('button', { name: cylindersLabels.goByThis }).click()
  await expect(page.getByText(cylindersLabels.dateRuleSaved)).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left/dates`)
  await expect(page.getByText('March 2028').first()).toBeVisible()
})
