import Sqlite from 'better-sqlite3'
import { expect } from '@playwright/test'
import fs from 'node:fs'
import path from 'node:path'
import { gravelyWrong, type Kettle, startKettle, test } from '@tests/e2e/kettle'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeEach(async () => {
  kettle = await startKettle('demo')
})
test.afterEach(() => kettle.stop())

/** Stops the server, damages its file, and starts it again. */
async function damage(change: (bytes: Buffer) => Buffer): Promise<Buffer> {
  await kettle.terminate()
  const bytes = change(fs.readFileSync(kettle.file))
  fs.writeFileSync(kettle.file, bytes)
  await kettle.restart()
  return bytes
}

const damagedCopies = (): string[] => {
  const folder = path.join(path.dirname(kettle.file), 'backups')
  return fs
    .readdirSync(folder)
    .filter((name) => name.startsWith('damaged-'))
    .map((name) => path.join(folder, name))
}

for (const width of [1280, 390]) {
  test(`a file whose beginning is damaged: a backup file takes its place, and it is kept, at ${width}`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 })
    await page.goto(kettle.url)
    const backup = await (await page.request.get(`${kettle.url}/api/v1/backup`)).body()
    const damaged = await damage((bytes) => Buffer.concat([Buffer.alloc(200, 0x5a), bytes.subarray(200)]))
    await page.goto(`${kettle.url}/cylinders/left`)
    await expect(page).toHaveURL(/\/recovery$/)
    await expect(page.getByRole('heading', { name: 'Your records cannot be read' })).toBeVisible()
    expect(await gravelyWrong(page)).toEqual([])
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
    expect((await page.request.get(`${kettle.url}/api/v1/export`)).status()).toBe(503)

    const choose = page.getByLabel(sharedLabels.backupDb)
    await choose.setInputFiles({ name: 'x.db', mimeType: 'application/octet-stream', buffer: damaged })
    await page.getByRole('button', { name: 'Restore file' }).click()
    await expect(page.getByRole('alert')).toContainText('no backup')
    expect(fs.readFileSync(kettle.file).equals(damaged)).toBe(true)

    await choose.setInputFiles({ name: 'b.db', mimeType: 'application/octet-stream', buffer: backup })
    await page.getByRole('button', { name: 'Restore file' }).click()
    await expect(page.getByRole('link', { name: 'Marigold' })).toBeVisible()
    const [kept, ...more] = damagedCopies()
    expect(more).toEqual([])
    expect(fs.readFileSync(kept ?? '').equals(damaged)).toBe(true)
    await page.goto(`${kettle.url}/recovery`)
    await expect(page.getByRole('heading', { name: 'Your records can be read' })).toBeVisible()
  })
}

test('an empty file: the copy of yesterday takes its place', async ({ page }) => {
  await page.goto(`${kettle.url}/log/data`)
  await expect
    .poll(
      () =>
        fs.existsSync(path.join(path.dirname(kettle.file), 'backups')) &&
        fs.readdirSync(path.join(path.dirname(kettle.file), 'backups')).some((name) => name.endsWith('.db')),
    )
    .toBe(true)
  await damage(() => Buffer.alloc(0))
  await page.goto(kettle.url)
  await expect(page.getByText('is empty')).toBeVisible()
  await page.getByRole('button', { name: /^Restore records-auto-/ }).click()
  await expect(page.getByRole('link', { name: 'Marigold' })).toBeVisible()
})

test('a damaged page: what can be read is shown first, then taken', async ({ page }) => {
  const client = new Sqlite(kettle.file, { readonly: true })
  const root = Number(client.prepare(`SELECT rootpage FROM sqlite_master WHERE name = 'equipment'`).pluck().get())
  client.close()
  await damage((bytes) => Buffer.from(bytes).fill(0xab, (root - 1) * 4096, root * 4096))
  await page.goto(`${kettle.url}/`)
  await expect(page.getByRole('row', { name: /^cylinders 7 0$/ })).toBeVisible()
  expect(damagedCopies()).toEqual([])
  await page.getByRole('button', { name: 'Go on with the readable rows' }).click()
  await expect(page.getByRole('link', { name: 'Marigold' })).toBeVisible()
  await page.goto(`${kettle.url}/cylinders/left`)
  await expect(page.getByRole('region', { name: sharedLabels.history })).toBeVisible()
  expect(damagedCopies()).toHaveLength(1)
})

test('damage that a page meets while the server runs leads to the same page', async ({ page }) => {
  await page.goto(`${kettle.url}/log/data`)
  await page.getByRole('button', { name: sharedLabels.checkFile }).click()
  await expect(page.getByText(sharedLabels.theFileIsSound)).toBeVisible()
  const client = new Sqlite(kettle.file, { readonly: true })
  const root = Number(client.prepare(`SELECT rootpage FROM sqlite_master WHERE name = 'weighings'`).pluck().get())
  client.close()
  const opened = fs.openSync(kettle.file, 'r+')
  fs.writeSync(opened, Buffer.alloc(4096, 0xab), 0, 4096, (root - 1) * 4096)
  fs.closeSync(opened)
  await page.getByRole('button', { name: sharedLabels.checkFile }).click()
  await expect(page.getByText('The file is not sound')).toBeVisible()
  await page.goto(`${kettle.url}/cylinders`)
  await expect(page.getByRole('heading', { name: 'Your records cannot be read' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Go on with the readable rows' })).toBeVisible()
})
