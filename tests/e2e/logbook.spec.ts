import { expect, type Page } from '@playwright/test'
import fs from 'node:fs'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const log = (page: Page) => page.getByRole('region', { name: sharedLabels.logbook })
const inData = (page: Page, name: string) => page.getByRole('region', { name, exact: true })

/** The file that a link downloads. */
async function kept(page: Page, name: string): Promise<{ name: string; bytes: Buffer }> {
  const taken = page.waitForEvent('download')
  await page.getByRole('link', { name }).click()
  const file = await taken
  return { name: file.suggestedFilename(), bytes: fs.readFileSync(await file.path()) }
}

test('the log is searched, filtered, paged, and a mistake voided with a reason', async ({ page }) => {
  const quiet = watchConsole(page)
  await page.goto(`${kettle.url}/log`)
  await expect(page.getByText(/^\d+ lines, page 1 of 2$/)).toBeVisible()
  await page.getByRole('link', { name: sharedLabels.older }).click()
  await expect(page.getByText(/page 2 of 2/)).toBeVisible()
  await page.getByLabel(sharedLabels.search).fill('on their scale')
  await page.getByRole('button', { name: sharedLabels.find }).last().click()
  await expect(page.getByText('1 line', { exact: true })).toBeVisible()
  await expect(log(page)).toContainText('$9.40 paid, Quarry Road, on their scale')
  await page.getByLabel(sharedLabels.search).fill('')
  await page.getByLabel(sharedLabels.of, { exact: true }).selectOption('Line and leaks')
  await page.getByRole('button', { name: sharedLabels.find }).last().click()
  await expect(log(page)).toContainText('Soap test closed')
  await expect(log(page)).not.toContainText('Weighed')

  await page.goto(`${kettle.url}/log?kind=gas&search=right`)
  const row = log(page).getByRole('row', { name: /Right cylinder/ })
  await row.getByRole('button', { name: sharedLabels.void }).click()
  await row.getByRole('button', { name: 'Void it' }).click()
  await expect(row.getByText('Say why, in a few words.')).toBeVisible()
  await row.getByLabel(sharedLabels.whyIsItWrong).fill('the regulator was on it')
  await row.getByRole('button', { name: 'Void it' }).click()
  await expect(row).toContainText('voided: the regulator was on it')
  await page.goto(kettle.url)
  await expect(page.getByText('Weigh Right cylinder: its contents are unknown.')).toBeVisible()
  quiet()
})

test('export and import of everything; a damaged file is refused with its line, a friend’s rig is previewed', async ({
  page,
}) => {
  test.setTimeout(180_000)
  await page.goto(`${kettle.url}/log/data`)
  const first = await kept(page, 'Everything (JSON)')
  expect(first.name).toBe('gold-kettle.json')
  const put = async (name: string, buffer: Buffer): Promise<void> => {
    await page
      .getByLabel(sharedLabels.fileJsonPackedByGzipOr)
      .setInputFiles({ name, mimeType: 'application/json', buffer })
  }
  await put('mine.json', first.bytes)
  await expect(inData(page, 'Import')).toContainText('nothing would change')

  // Wrong in one place: reported where, and nothing is changed.
  const broken = first.bytes.toString().replace('"nights":4', '"nights":"four"')
  await put('broken.json', Buffer.from(broken))
  const alert = inData(page, 'Import').getByRole('alert')
  const line = broken.split('\n').findIndex((text) => text.includes('"nights":"four"')) + 1
  await expect(alert).toContainText(`Line ${line}: `)
  await expect(alert).toContainText('nights')
  await expect(alert).toContainText('Nothing was changed.')
  await put('photo.json', Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'))
  await expect(alert).toContainText('This is a picture')
  expect((await kept(page, 'Everything (JSON)')).bytes.equals(first.bytes)).toBe(true)

  // A friend's file differs in a name: it is shown, and replaces mine only when chosen.
  const theirs = first.bytes
    .toString()
    .replace('"name":"Left cylinder"', '"name":"Front cylinder"')
    .replace(/"hashes": \{[^}]*\},\n/, '')
  await put('theirs.json', Buffer.from(theirs))
  await expect(inData(page, 'Import')).toContainText('Front cylinder: name')
  await page.getByLabel(sharedLabels.theFilesTakesItsPlace).check()
  await page.getByRole('button', { name: sharedLabels.takeItIn }).click()
  await expect(page.getByText('theirs.json taken in')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders`)
  await expect(page.getByRole('link', { name: /Front cylinder/ })).toBeVisible()
})

test('a backup made, records changed, the backup restored; a file that is no backup is refused', async ({
  page,
  request,
}) => {
  test.setTimeout(180_000)
  await page.goto(`${kettle.url}/log/data`)
  const backup = await kept(page, 'Make a backup')
  expect(backup.name).toMatch(/^gold-kettle-\d{4}-.*\.db$/)
  await page.goto(`${kettle.url}/cylinders/left`)
  await page.getByLabel(sharedLabels.onTheScaleNow).fill('29.9')
  await page.getByRole('button', { name: cylindersLabels.saveTheWeighing }).click()
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('29.9 lb')

  await page.goto(`${kettle.url}/log/data`)
  const put = async (buffer: Buffer): Promise<void> => {
    await page
      .getByLabel(sharedLabels.backupDb)
      .setInputFiles({ name: 'b.db', mimeType: 'application/octet-stream', buffer })
  }
  await put(backup.bytes.subarray(0, 20_000))
  await expect(inData(page, 'Restore').getByRole('alert')).toContainText('damaged')
  await put(backup.bytes)
  await expect(inData(page, 'Restore')).toContainText('The backup is whole: Marigold')
  await page.getByRole('button', { name: sharedLabels.putItInPlaceOfEverything }).click()
  await expect(page.getByText('b.db restored', { exact: false })).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: sharedLabels.history })).not.toContainText('29.9 lb')

  // From another origin, or without an action, it is refused.
  for (const path of ['import', 'restore']) {
    const foreign = await request.post(`${kettle.url}/api/v1/${path}?mode=apply`, {
      data: backup.bytes,
      headers: { origin: 'http://elsewhere.example' },
    })
    expect(foreign.status()).toBe(403)
    const unsaid = await request.post(`${kettle.url}/api/v1/${path}`, { data: 'x', headers: { origin: kettle.url } })
    expect(unsaid.status()).toBe(400)
  }
})

test('several rigs: copied, selected, renamed, archived; a trip of the other links to it', async ({ page }) => {
  await page.goto(`${kettle.url}/log/rigs`)
  await page.getByRole('button', { name: 'Copy Marigold', exact: true }).click()
  await expect(page.getByText('Marigold copied')).toBeVisible()
  const second = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: 'Take Marigold 2 to hand' }) })
  await second.getByLabel(sharedLabels.rig, { exact: true }).fill('')
  await second.getByRole('button', { name: sharedLabels.rename }).click()
  await expect(second.getByText(heatLabels.giveItAName)).toBeVisible()
  await second.getByLabel(sharedLabels.rig, { exact: true }).fill('Heron')
  await second.getByRole('button', { name: sharedLabels.rename }).click()
  await page.getByRole('button', { name: 'Take Heron to hand' }).click()
  await expect(page.locator('.rig-name')).toHaveText('Heron')
  await page.goto(kettle.url)
  await expect(page.getByText(sharedLabels.planTheTrip)).toBeVisible()
  await page.goto(`${kettle.url}/trips/larkspur`)
  await expect(page).toHaveURL(/\/log\/rigs\?wanted=marigold/)
  await expect(page.getByText('That page is about Marigold', { exact: false })).toBeVisible()
  await page.getByRole('button', { name: 'Put Heron away' }).click()
  await expect(page.locator('.rig-name')).toHaveText('Marigold')
  await page.getByRole('button', { name: 'Take Heron out again' }).click()
  await expect(page.getByRole('button', { name: 'Take Heron to hand' })).toBeVisible()
})
