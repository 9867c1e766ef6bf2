import { expect } from '@playwright/test'
import { gravelyWrong, type Kettle, startKettle, test, watchConsole } from './kettle'

// Visiting every page takes long, so its parts run in parallel, each worker with its own server.
test.describe.configure({ mode: 'parallel' })

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
  '/practice/drills',
  '/practice/drills/nothing-works',
  '/practice/rehearsal',
  '/practice/faults',
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

const walks = [1280, 390].flatMap((width) =>
  [0, 1].map((part) => ({ width, part, places: pages.filter((_, i) => i % 2 === part) })),
)

for (const { width, part, places } of walks) {
  test(`every page at ${width}, part ${part + 1} of 2: nothing serious by axe, nothing too wide, no complaint`, async ({
    page,
  }) => {
    test.setTimeout(300_000)
    const quiet = watchConsole(page)
    await page.setViewportSize({ width, height: 800 })
    for (const place of places) {
      await page.goto(`${kettle.url}${place}`)
      if (width > 640 || looked.has(place)) expect(await gravelyWrong(page), place).toEqual([])
      expect(await page.evaluate(() => document.documentElement.scrollWidth), place).toBeLessThanOrEqual(width)
    }
    quiet()
  })
}
