import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { startKettle, watchConsole, type Kettle } from './kettle'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const pages = [
  '/',
  '/trips',
  '/trips/new',
  '/cylinders',
  '/cylinders/left',
  '/cylinders/bottle-2',
  '/cylinders/soda',
  '/cylinders/new',
  '/cylinders/left/stamps',
  '/cylinders/right/dates',
  '/cylinders/left/look-over',
  '/cylinders/left/level',
  '/cylinders/left/heat',
  '/cylinders/soda/heat',
  '/cylinders/equipment',
  '/cylinders/rules',
  '/fill',
  '/fill/by-weight',
  '/fill/by-weight?cylinder=right',
  '/fill/onboard',
  '/fill/bottles',
  '/fill/co2',
  '/fill/cost',
  '/fill/carrying?cylinder=left',
  '/run',
  '/run/habits',
  '/run/weather',
  '/run/battery',
  '/run/before',
  '/run/cylinder',
  '/run/driving',
  '/run/co2',
  '/hookup',
  '/hookup?line=new',
  '/hookup?line=house&about=panel-tube',
  '/hookup/joints',
  '/hookup/flow',
  '/leak-test',
  '/leak-test/hold',
  '/leak-test/loss',
  '/heat',
  '/heat?room=new',
  '/heat?room=saloon&about=curtain',
  '/heat/air',
  '/heat/warm-up',
  '/heat/choose',
  '/heat/lighting',
  '/heat/heaters?heater=panel-heater',
  '/trips/larkspur',
  '/trips/larkspur/list',
  '/trips/larkspur/steps',
  '/trips/larkspur/card',
  '/trips/larkspur/way',
  '/trips/larkspur/kept',
  '/begin',
  '/log',
  '/log/gas',
  '/log/dates',
  '/log/data',
  '/log/rigs',
  '/practice',
]

/** One page of each kind: a phone shows the same markup in another order. */
const looked = new Set([
  '/',
  '/cylinders',
  '/cylinders/left',
  '/fill/by-weight',
  '/fill/cost',
  '/run',
  '/run/habits',
  '/run/weather',
  '/hookup',
  '/hookup/flow',
  '/leak-test',
  '/heat',
  '/heat/air',
  '/trips/larkspur/list',
  '/trips/larkspur/card',
  '/begin',
  '/log',
])

/** Another state of a page that is looked at already: its width and its console are, its markup is not again. */
const variants = new Set([
  '/cylinders/bottle-2',
  '/cylinders/soda',
  '/cylinders/soda/heat',
  '/fill/by-weight?cylinder=right',
  '/hookup?line=house&about=panel-tube',
  '/heat?room=saloon&about=curtain',
])

for (const width of [1280, 390]) {
  test(`every page at ${width}: nothing serious by axe, nothing wider than the screen, no complaint`, async ({
    page,
  }) => {
    test.setTimeout(300_000)
    const quiet = watchConsole(page)
    await page.setViewportSize({ width, height: 800 })
    for (const place of pages) {
      await page.goto(`${kettle.url}${place}`)
      const isLooked = width > 640 ? !variants.has(place) : looked.has(place)
      const { violations } = isLooked
        ? await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze()
        : { violations: [] }
      const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
      expect(grave.map(({ id, nodes }) => `${place} ${id} ${nodes[0]?.html}`)).toEqual([])
      expect(await page.evaluate(() => document.documentElement.scrollWidth), place).toBeLessThanOrEqual(width)
    }
    quiet()
  })
}

test('open drawers and sheets pass axe too', async ({ page }) => {
  await page.goto(`${kettle.url}/cylinders/left`)
  const grave = async (): Promise<string[]> => {
    const { violations } = await new AxeBuilder({ page }).analyze()
    return violations.filter(({ impact }) => impact === 'serious' || impact === 'critical').map(({ id }) => id)
  }
  await page.getByText('Emergency', { exact: true }).click()
  expect(await grave()).toEqual([])
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Instruments' }).click()
  await expect(page.getByRole('dialog')).toHaveCSS('visibility', 'visible')
  await page.waitForFunction(() => !document.querySelector('.offcanvas.showing'))
  expect(await grave()).toEqual([])
})

test('emergency: two taps from anywhere, without the server and without scripts', async ({ page, browser }) => {
  await page.goto(`${kettle.url}/run`)
  await page.context().setOffline(true)
  await page.getByText('Emergency', { exact: true }).click()
  await page.getByText('Carbon monoxide alarm').click()
  await expect(page.getByText('Everybody out into fresh air at once.', { exact: false })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByText('Everybody out into fresh air at once.', { exact: false })).toBeHidden()

  const bare = await browser.newContext({ javaScriptEnabled: false })
  const plain = await bare.newPage()
  await plain.goto(`${kettle.url}/heat`)
  await plain.getByText('Emergency', { exact: true }).click()
  await plain.getByText('Smell of gas, or the gas alarm').click()
  await expect(plain.getByText('No switch, no flame, no phone inside', { exact: false })).toBeVisible()
  await bare.close()
})

test('emergency stays two taps away: far down a page, and over an open sheet', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(kettle.url)
  await page.getByRole('link', { name: 'Weigh it again' }).last().scrollIntoViewIfNeeded()
  await page.getByText('Emergency', { exact: true }).click()
  await page.getByText('Smell of gas, or the gas alarm').click()
  await expect(page.getByText('No switch, no flame, no phone inside', { exact: false })).toBeInViewport()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Help' }).click()
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.getByText('Emergency', { exact: true }).click()
  await page.getByText('Relief valve venting').click()
  await expect(page.getByText('Everybody away, upwind', { exact: false })).toBeVisible()
})

test('a station not built says so, on the line and on its page', async ({ page }) => {
  await page.goto(`${kettle.url}/practice`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('not built yet')
  const line = page.getByRole('navigation', { name: 'Stations' })
  await expect(line.getByRole('link', { name: /Practice/ })).toContainText('not built yet')
  await expect(line.getByRole('link', { name: /Cylinders/ })).toContainText('stop')
  await expect(line.getByRole('link')).toHaveCount(9)
})

test('digits go to the stations, ? lists the keys, and typing in a field does not', async ({ page }) => {
  await page.goto(kettle.url)
  await page.keyboard.press('7')
  await expect(page).toHaveURL(/\/run$/)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('Capture the scale')
  await page.keyboard.press('Escape')
  await page.goto(`${kettle.url}/run/cylinder`)
  await page.getByLabel('Gas', { exact: true }).fill('')
  await page.getByLabel('Gas', { exact: true }).pressSequentially('2')
  await expect(page).toHaveURL(/\/run\/cylinder$/)
})
