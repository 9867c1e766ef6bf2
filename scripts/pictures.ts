import { chromium, type Page } from '@playwright/test'
import path from 'node:path'
import { launchOptions } from '../playwright.config'
import { temporaryServer } from './server'

// `npm run pictures`: renews docs/screenshots from the demo world. Look at each before it is committed.

interface Picture {
  name: string
  place: string
  width?: number
  before?: (page: Page) => Promise<void>
}

const pictures: readonly Picture[] = [
  { name: 'trip', place: '/' },
  { name: 'cylinders', place: '/cylinders' },
  {
    name: 'cylinder',
    place: '/cylinders/left',
    before: async (page) => {
      await page.getByLabel('On the scale now').fill('37.6')
      await page.getByLabel('Temperature of the liquid').fill('52')
    },
  },
  { name: 'run', place: '/run' },
  {
    name: 'emergency',
    place: '/',
    before: async (page) => {
      await page.getByText('Emergency', { exact: true }).click()
      await page.getByText('Smell of gas, or the gas alarm').click()
    },
  },
  { name: 'cylinder-phone', place: '/cylinders/bottle-1', width: 390 },
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
