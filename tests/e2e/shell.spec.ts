import { expect } from '@playwright/test'
import { gravelyWrong, type Kettle, startKettle, test } from './kettle'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

test('open drawers and dialogs pass axe too', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  await page.getByText(sharedLabels.emergency, { exact: true }).click()
  expect(await gravelyWrong(page)).toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: sharedLabels.instruments }).click()
  await expect(page.getByRole('dialog')).toHaveCSS('visibility', 'visible')
  await page.waitForFunction(() => !document.querySelector('.offcanvas.showing'))
  expect(await gravelyWrong(page)).toEqual([])
  // The check itself finds violations.
  await page.evaluate(() => document.body.append(Object.assign(document.createElement('img'), { src: '/icon.svg' })))
  expect(await gravelyWrong(page)).toEqual([expect.stringContaining('image-alt')])
})

test('emergency: two taps from anywhere, without the server and without scripts', async ({ page, browser }) => {
  await page.goto(`${kettle.url}/run`)
  await page.context().setOffline(true)
  await page.getByText(sharedLabels.emergency, { exact: true }).click()
  await page.getByText(sharedLabels.carbonMonoxideAlarm).click()
  await expect(page.getByText('Everybody out into fresh air at once.', { exact: false })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText('Everybody out into fresh air at once.', { exact: false })).toBeHidden()

  const bare = await browser.newContext({ javaScriptEnabled: false })
  const plain = await bare.newPage()
  await plain.goto(`${kettle.url}/heat`)
  await plain.getByText(sharedLabels.emergency, { exact: true }).click()
  await plain.getByText(sharedLabels.smellOfGasOrTheGas).click()
  await expect(plain.getByText('No switch, no flame, no engine', { exact: false })).toBeVisible()
  await bare.close()
})

test('emergency stays two taps away far down a page and over an open dialog', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(kettle.url)
  await page.getByRole('link', { name: 'Weigh it again' }).last().scrollIntoViewIfNeeded()
  await page.getByText(sharedLabels.emergency, { exact: true }).click()
  await page.getByText(sharedLabels.smellOfGasOrTheGas).click()
  await expect(page.getByText('No switch, no flame, no engine', { exact: false })).toBeInViewport()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: sharedLabels.help }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.getByText(sharedLabels.emergency, { exact: true }).click()
  await page.getByText(sharedLabels.reliefValveVenting).click()
  await expect(page.getByText('Everybody 330 ft (100 m) away, upwind', { exact: false })).toBeVisible()
})

test('every station is on the line, with its state', async ({ page }) => {
  await page.goto(`${kettle.url}/practice`)
  const line = page.getByRole('navigation', { name: sharedLabels.stations })
  await expect(line.getByRole('link', { name: /Practice/ })).toContainText('note')
  await expect(line.getByRole('link', { name: /Cylinders/ })).toContainText('stop')
  await expect(line.getByRole('link')).toHaveCount(9)
})

test('digits open the stations, ? lists the keys, and typing in a field does not trigger them', async ({ page }) => {
  await page.goto(kettle.url)
  await page.keyboard.press('7')
  await expect(page).toHaveURL(/\/run$/)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('Capture the scale')
  await page.keyboard.press('Escape')
  await page.goto(`${kettle.url}/run/cylinder`)
  await page.getByLabel(sharedLabels.gas, { exact: true }).fill('')
  await page.getByLabel(sharedLabels.gas, { exact: true }).pressSequentially('2')
  await expect(page).toHaveURL(/\/run\/cylinder$/)
})
