import { chromium, type Page } from '@playwright/test'
import path from 'node:path'
import { launchOptions } from '../playwright.config'
import { temporaryServer } from './server'

// `npm run pictures`: renews docs/screenshots from the demo. Look at each before committing it.

interface Picture {
  name: string
  place: string
  width?: number
  before?: (page: Page) => Promise<void>
}

/** The cylinder on the simulated scale, read live. */
async function followScale(page: Page): Promise<void> {
  await page.getByLabel('On the scale', { exact: true }).fill('31.4')
  await page.getByLabel('Follow the scale live').check()
  await page.getByRole('button', { name: 'Instruments' }).click()
  await page.getByLabel('What stands on it').selectOption({ label: 'Left cylinder' })
  await page.locator('.tray .btn-close').click()
  await page.getByRole('button', { name: 'Take this weight' }).waitFor()
}

const pictures: readonly Picture[] = [
  {
    name: 'begin',
    place: '/begin',
    before: async (page) => {
      await page.getByRole('button', { name: 'Go on' }).click()
      await page.getByText('20 lb cylinder', { exact: true }).click()
      await page.getByLabel('On the scale now').fill('37.5')
    },
  },
  { name: 'ready', place: '/' },
  { name: 'list-phone', place: '/trips/larkspur/list', width: 390 },
  { name: 'cylinders', place: '/cylinders' },
  {
    name: 'cylinder',
    place: '/cylinders/left',
    before: async (page) => {
      await page.getByLabel('On the scale now').fill('37.6')
      await page.getByLabel('Temperature of the liquid').fill('52')
    },
  },
  { name: 'fill', place: '/fill/by-weight', before: followScale },
  {
    name: 'bottles',
    place: '/fill/bottles',
    before: async (page) => {
      const bench = page.getByRole('region', { name: 'Where the hiss will stop' })
      await bench.getByLabel('Supply’s temperature').fill('70')
      await bench.getByLabel('Bottle’s temperature').fill('20')
      await bench.getByLabel('Bottles in a row').selectOption('3')
      await bench.scrollIntoViewIfNeeded()
      await page.evaluate(() => window.scrollBy(0, 420))
    },
  },
  { name: 'hookup', place: '/hookup?line=house', before: (page) => page.waitForTimeout(800) },
  {
    name: 'leak-test-phone',
    place: '/leak-test?line=house',
    width: 390,
    before: async (page) => {
      await page.getByRole('button', { name: 'Begin at the cylinder' }).click()
      await page.getByRole('region', { name: 'The place to soap' }).waitFor()
    },
  },
  {
    name: 'hold',
    place: '/leak-test/hold?line=house',
    before: async (page) => {
      for (const [label, text] of [
        ['Start: open column', '4'],
        ['Start: gas column', '4'],
        ['End: open column', '3.6'],
        ['End: gas column', '3.5'],
        ['Time between', '3'],
        ['Space it leaks into', '700'],
      ] as const) {
        await page.getByLabel(label).fill(text)
      }
      await page.evaluate(() => window.scrollTo(0, 220))
    },
  },
  { name: 'room', place: '/heat', before: (page) => page.waitForTimeout(1500) },
  {
    name: 'air',
    place: '/heat/air',
    before: async (page) => {
      await page.locator('.air-charts figure').first().waitFor()
      await page.getByRole('region', { name: 'The air of a night' }).scrollIntoViewIfNeeded()
      await page.evaluate(() => window.scrollTo(0, 1280))
    },
  },
  {
    name: 'run',
    place: '/run',
    before: async (page) => {
      await page.getByRole('region', { name: 'What would mend it' }).getByRole('listitem').first().waitFor()
      await page.evaluate(() => window.scrollTo(0, 175))
    },
  },
  { name: 'card', place: '/trips/larkspur/card' },
  { name: 'steps', place: '/trips/larkspur/steps' },
  { name: 'logbook', place: '/log' },
  {
    name: 'diagnosis',
    place: '/practice',
    before: async (page) => {
      await page.getByRole('button', { name: 'Flames are weak' }).click()
      await page.getByRole('region', { name: 'What it may be' }).waitFor()
      await page.getByRole('button', { name: 'On a cold night, or after hours of heavy use' }).click()
      await page.getByText('Undo the last answer').waitFor()
      await page.waitForTimeout(400)
      await page.evaluate(() => window.scrollTo(0, 170))
    },
  },
  {
    name: 'drill-phone',
    place: '/practice/drills/gas-alarm-driving?seed=2',
    width: 390,
    before: async (page) => {
      await page.getByRole('button', { name: 'Pull off the road' }).click()
      await page.waitForTimeout(400)
      await page.evaluate(() => window.scrollTo(0, 330))
    },
  },
  {
    name: 'emergency',
    place: '/',
    before: async (page) => {
      await page.getByText('Emergency', { exact: true }).click()
      await page.getByText('Smell of gas, or the gas alarm').click()
    },
  },
]

const server = await temporaryServer('demo')
const browser = await chromium.launch(launchOptions)
for (const { name, place, width = 1280, before } of pictures) {
  const page = await browser.newPage({ viewport: { width, height: width < 640 ? 844 : 800 } })
  await page.goto(server.url + place, { waitUntil: 'networkidle' })
  await before?.(page)
  await page.screenshot({ path: path.join('docs', 'screenshots', `${name}.png`) })
  await page.close()
}
await browser.close()
await server.stop()
