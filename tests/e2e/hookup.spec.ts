import { expect, type Locator, type Page } from '@playwright/test'
import fs from 'node:fs'
import { type Kettle, startKettle, test, watchConsole } from './kettle'
import { heatLabels } from '@/ui/terms/heatLabels'
import { hookupLabels } from '@/ui/terms/hookupLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

let kettle: Kettle
test.beforeAll(async () => {
  kettle = await startKettle('demo')
})
test.afterAll(() => kettle.stop())

const findings = (page: Page) => page.getByRole('region', { name: sharedLabels.findings })
const drawing = (page: Page) => page.locator('.line-diagram')
const box = (page: Page, name: string) => drawing(page).locator('.part-box', { hasText: name })
const list = (page: Page) => page.getByRole('list', { name: hookupLabels.partsOfTheLine })

async function emptyBench(page: Page): Promise<void> {
  await page.goto(`${kettle.url}/hookup?line=new`)
  await page.getByRole('button', { name: /An empty bench/ }).click()
  await expect(page.getByLabel(hookupLabels.findAPart)).toBeVisible()
}

/** Waits until the drawing has been laid out and a part no longer moves in it. */
async function settled(part: Locator): Promise<void> {
  let before = ''
  await expect
    .poll(async () => {
      const last = before
      before = JSON.stringify(await part.boundingBox())
      return before === last
    })
    .toBe(true)
}

test('a two-cylinder line built by mouse: clicked, dragged, connected by its handles, saved', async ({ page }) => {
  const quiet = watchConsole(page)
  await emptyBench(page)
  const add = (name: string) => page.getByRole('button', { name: `Add: ${name}`, exact: true })
  const group = (name: string) => page.getByRole('button', { name, exact: true }).click()
  await page.getByRole('button', { name: 'Put on the bench: Cylinder, hand-wheel and POL outlet' }).click()
  await group('Hoses')
  await add('Pigtail, hand-wheel to 1/4 inverted flare, 15 in').click()
  await group('Regulators')
  await settled(box(page, 'Pigtail'))
  // Dragged out of the tray onto the pigtail in the drawing.
  await add('Automatic changeover, two-stage, 11 in WC').dragTo(box(page, 'Pigtail'))
  await expect(box(page, 'Automatic changeover')).toBeVisible()
  await expect(findings(page)).toContainText('Automatic changeover, two-stage, 11 in WC ends in the open.')

  await group('Cylinders and tanks')
  await page.getByRole('button', { name: 'Put on the bench: Cylinder, hand-wheel and POL outlet' }).click()
  await group('Hoses')
  await add('Pigtail, hand-wheel to 1/4 inverted flare, 15 in').click()
  await expect(drawing(page).locator('.part-box')).toHaveCount(5)
  // From the second pigtail's outlet to the changeover's free inlet.
  const from = box(page, 'Pigtail').last().locator('.source')
  const to = box(page, 'Automatic changeover').locator('[data-handleid="right"]')
  await page.waitForTimeout(600)
  await from.hover()
  await page.mouse.down()
  await to.hover()
  await page.mouse.up()
  await expect(list(page).getByRole('button', { name: /^Automatic changeover/ })).toContainText('and Pigtail')

  await list(page)
    .getByRole('button', { name: /Automatic changeover/ })
    .click()
  await group('Tees and branches')
  await page.getByLabel(hookupLabels.findAPart).fill('3/8 pipe thread to 3/8 flare')
  await add('3/8 pipe thread to 3/8 flare').click()
  await page.getByLabel(hookupLabels.findAPart).fill('copper 3/8 flare nuts')
  await add('Copper tube with 3/8 flare nuts, 6 ft').click()
  await page.getByLabel(hookupLabels.findAPart).fill('cooktop')
  await add('Cooktop').click()
  await expect(list(page).getByRole('button')).toHaveCount(8)
  await expect(findings(page)).not.toContainText('ends in the open')
  await expect(box(page, 'Cooktop')).toContainText(/10\.\d\sinWC/)

  await page.getByLabel(hookupLabels.nameOfTheLine).fill('')
  await page.getByRole('button', { name: hookupLabels.saveTheLine }).click()
  await expect(page.getByText(heatLabels.giveItAName)).toBeVisible()
  await page.getByLabel(hookupLabels.nameOfTheLine).fill('By mouse')
  await page.getByRole('button', { name: hookupLabels.saveTheLine }).click()
  await expect(page.getByText('By mouse saved')).toBeVisible()
  await expect(page).toHaveURL(/line=(?!new)/)
  await expect(page.getByRole('region', { name: sharedLabels.history })).toContainText('drawn with 8 parts')
  quiet()
})

test('the same by keyboard only', async ({ page }) => {
  test.setTimeout(180_000)
  await page.goto(`${kettle.url}/hookup?line=new`)
  const focused = (): Promise<string> =>
    page.evaluate(() => {
      const element = document.activeElement
      return element instanceof HTMLElement && element !== document.body
        ? `${element.id} ${element.getAttribute('aria-label') ?? ''} ${element.textContent ?? ''}`
        : ''
    })
  const tabTo = async (wanted: RegExp, key = 'Tab'): Promise<void> => {
    for (let i = 0; i < 90; i += 1) {
      if (wanted.test(await focused())) return
      await page.keyboard.press(key)
    }
    throw new Error(`never came to ${wanted}`)
  }
  const isSearch = async (): Promise<boolean> =>
    page.evaluate(
      () => (document.activeElement as HTMLInputElement | null)?.placeholder?.startsWith('pigtail') ?? false,
    )
  const toSearch = async (key: string): Promise<void> => {
    for (let i = 0; i < 90; i += 1) {
      if (await isSearch()) return
      await page.keyboard.press(key)
    }
    throw new Error('never came to the search')
  }
  const add = async (words: string, name: RegExp): Promise<void> => {
    await page.keyboard.press('Control+a')
    await page.keyboard.type(words)
    await tabTo(name)
    await page.keyboard.press('Enter')
    await toSearch('Shift+Tab')
  }
  await tabTo(/An empty bench/)
  await page.keyboard.press('Enter')
  await expect(page.getByLabel(hookupLabels.findAPart)).toBeVisible()
  await toSearch('Tab')
  await add('cylinder hand-wheel', /Put on the bench: Cylinder, hand-wheel/)
  await add('pigtail hand-wheel inverted', /Add: Pigtail, hand-wheel to 1\/4 inverted/)
  await add('automatic changeover', /Add: Automatic changeover/)
  await add('3/8 pipe thread to 3/8 flare', /Add: 3\/8 pipe thread to 3\/8 flare/)
  await add('copper 3/8 flare nuts', /Add: Copper tube with 3\/8 flare/)
  await add('fridge', /Add: Absorption fridge/)
  await add('cylinder hand-wheel', /Put on the bench: Cylinder, hand-wheel/)
  await add('pigtail hand-wheel inverted', /Add: Pigtail, hand-wheel to 1\/4 inverted/)
  // The second pigtail is selected: its free end is connected to the changeover's.
  await tabTo(/^join-/)
  await page.keyboard.press('ArrowDown')
  await expect(list(page).getByRole('button', { name: /^Automatic changeover/ })).toContainText('and Pigtail')
  await tabTo(/Save the line/, 'Shift+Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByText('New line saved')).toBeVisible()
  await expect(list(page).getByRole('button')).toHaveCount(8)
  await expect(findings(page)).not.toContainText('ends in the open')
})

test('a taped flare and a lookalike are found, drawn, and linked; fixed they are gone', async ({ page }) => {
  await page.goto(kettle.url)
  const verdict = page.getByText('Panel tube to Panel heater was taped', { exact: false })
  await expect(verdict).toBeVisible()
  await page.locator('li', { has: verdict }).getByRole('link', { name: 'To the joint' }).click()
  await expect(page).toHaveURL(/hookup\/joints/)
  const row = page.locator('.joint-row.asked')
  await expect(row).toContainText('no tape ever')
  await row.getByLabel(hookupLabels.howItWasMade).selectOption({ label: 'as it should be' })
  await page.getByRole('button', { name: hookupLabels.saveTheJoints }).click()
  await expect(page.getByText('House line saved')).toBeVisible()
  await expect(findings(page)).not.toContainText('taped')

  await page.getByRole('link', { name: hookupLabels.theLine, exact: true }).click()
  await list(page)
    .getByRole('button', { name: /^Panel tube/ })
    .click()
  await page.getByRole('button', { name: hookupLabels.partThem }).click()
  // What does not fit the chosen end is listed only when it is asked for.
  await page.getByLabel(hookupLabels.findAPart).fill('coupler 3/8')
  await expect(page.getByText('No such part fits this end')).toBeVisible()
  await page.getByLabel(hookupLabels.onlyWhatFitsItsEnd).uncheck()
  await page.getByRole('button', { name: 'Add: Coupler, 3/8 pipe thread' }).click()
  await expect(findings(page)).toContainText('a lookalike that never seals')
  await expect(box(page, 'Coupler').locator('.joint-spot')).toBeVisible()
  await page.getByRole('button', { name: sharedLabels.undo, exact: true }).first().click()
  await expect(findings(page)).not.toContainText('lookalike')
  await page.getByRole('button', { name: sharedLabels.redo }).click()
  await expect(findings(page)).toContainText('lookalike')

  // Unsaved edits survive a reload.
  await page.reload()
  await expect(findings(page)).toContainText('lookalike')
  await page.getByRole('button', { name: sharedLabels.leaveItAsItWasSaved }).click()
  await expect(findings(page)).not.toContainText('lookalike')
})

test('facts about a part are entered in the inspector; wrong input is reported at its field', async ({ page }) => {
  await page.goto(`${kettle.url}/hookup?line=house`)
  await list(page)
    .getByRole('button', { name: /^Panel tube/ })
    .click()
  const about = page.getByRole('region', { name: 'About Panel tube' })
  await about.getByLabel('Clipped, sleeved').selectOption('no')
  await expect(findings(page)).toContainText('Panel tube is soft and lies in the road’s reach.')
  await about.getByLabel(hookupLabels.length).fill('0')
  await expect(about.getByText(sharedLabels.itIsMoreThanNothing)).toBeVisible()
  await about.getByLabel(hookupLabels.length).fill('some')
  await about.getByLabel(sharedLabels.whatYouCallIt).focus()
  await expect(about.getByRole('alert').filter({ hasText: /./ })).toBeVisible()
  await about.getByLabel(hookupLabels.whereItSits).selectOption('inside')
  await expect(findings(page)).not.toContainText('road’s reach')
  await page.getByRole('button', { name: hookupLabels.aPartOfYourOwn }).click()
  const own = page.getByRole('group', { name: hookupLabels.aPartOfYourOwn })
  await own.getByRole('button', { name: hookupLabels.addIt }).click()
  await expect(own.getByText(heatLabels.giveItAName)).toBeVisible()
  await own.getByLabel(hookupLabels.whatItIsCalled).fill('Grandfather’s hose')
  await own.getByLabel(hookupLabels.whatItDoes).selectOption('hose')
  await own.getByRole('button', { name: hookupLabels.addIt }).click()
  await expect(own.getByText('Enter its length', { exact: false })).toBeVisible()
  await own.getByLabel(hookupLabels.length).fill('6 ft')
  await own.getByLabel(sharedLabels.insideDiameter).fill('3/8 in')
  await own.getByRole('button', { name: hookupLabels.addIt }).click()
  await expect(box(page, 'Grandfather’s hose')).toBeVisible()
})

test('export and import; a file of another kind is refused with its place, and nothing changes', async ({
  page,
}, info) => {
  await page.goto(`${kettle.url}/hookup?line=house`)
  const parts = await list(page).getByRole('button').count()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: hookupLabels.dataJson }).click(),
  ])
  const file = info.outputPath('line.json')
  await saved.saveAs(file)
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: hookupLabels.drawingSvg }).click(),
  ])
  const drawn = info.outputPath('line.svg')
  await svg.saveAs(drawn)
  expect(fs.readFileSync(drawn, 'utf8')).toContain('Panel heater')

  const bad = info.outputPath('bad.json')
  fs.writeFileSync(bad, fs.readFileSync(file, 'utf8').replace('"typeId": "panel"', '"typeId": "teapot"'))
  await page.getByLabel(hookupLabels.takeInAFile).setInputFiles(bad)
  await expect(page.getByText('There is no part of the kind “teapot”.', { exact: false })).toBeVisible()
  await expect(page.getByText(sharedLabels.nothingWasChanged)).toBeVisible()
  await expect(list(page).getByRole('button')).toHaveCount(parts)

  await page.goto(`${kettle.url}/hookup?line=new`)
  await page.getByRole('button', { name: /CO2 for a keg/ }).click()
  await page.getByLabel(hookupLabels.takeInAFile).setInputFiles(file)
  await expect(list(page).getByRole('button')).toHaveCount(parts)
  await expect(page.getByLabel(hookupLabels.nameOfTheLine)).toHaveValue('House line')
})

test('two tabs: the later save is warned, and loses nothing', async ({ page, context }) => {
  await page.goto(`${kettle.url}/hookup?line=soda-line`)
  const other = await context.newPage()
  await other.goto(`${kettle.url}/hookup?line=soda-line`)
  for (const [tab, name] of [
    [page, 'Soda, mine'],
    [other, 'Soda, theirs'],
  ] as const) {
    await tab.getByLabel(hookupLabels.nameOfTheLine).fill(name)
    await tab.getByRole('button', { name: hookupLabels.saveTheLine }).click()
  }
  await expect(other.getByText(sharedLabels.thisWasChangedSomewhereElseIn).first()).toBeVisible()
  await expect(other.getByLabel(hookupLabels.nameOfTheLine)).toHaveValue('Soda, theirs')
  await other.getByRole('button', { name: sharedLabels.saveMineOverTheirs }).click()
  await expect(other.getByText('Soda, theirs saved')).toBeVisible()

  // The first tab, now outdated, discards its edits and shows the saved version.
  await page.getByLabel(hookupLabels.nameOfTheLine).fill('Soda, once more')
  await page.getByRole('button', { name: hookupLabels.saveTheLine }).click()
  await expect(page.getByText(sharedLabels.thisWasChangedSomewhereElseIn).first()).toBeVisible()
  await page.getByRole('button', { name: sharedLabels.leaveItAsItWasSaved }).click()
  await expect(page.getByLabel(hookupLabels.nameOfTheLine)).toHaveValue('Soda, theirs')
})

test('what burns together, what each gets, and what fixes a starving line', async ({ page }) => {
  await page.goto(`${kettle.url}/hookup/flow?line=house`)
  const table = page.getByRole('region', { name: sharedLabels.whatBurns })
  await expect(table.getByRole('row', { name: /Cooktop/ })).toContainText('has enough')
  await page.goto(`${kettle.url}/hookup?line=house`)
  await list(page)
    .getByRole('button', { name: /^Main line/ })
    .click()
  await page.getByRole('region', { name: 'About Main line' }).getByLabel(hookupLabels.length).fill('300 ft')
  await page.getByRole('link', { name: hookupLabels.flowAndPressure }).click()
  await expect(table.getByRole('row', { name: /Cooktop/ })).toContainText('starves')
  const mends = page.getByRole('region', { name: hookupLabels.whatMendsIt })
  await expect(mends).toContainText('starve together')
  await expect(mends).toContainText(/Main line of 0\.\d+\sin inside: then all have enough/)
  await table.getByLabel('Cooktop').uncheck()
  await expect(table.getByRole('row', { name: /Cooktop/ })).toContainText('off')
  await expect(mends).toBeHidden()
  await table
    .getByRole('row', { name: /Fridge/ })
    .getByRole('button')
    .click()
  await expect(page.getByRole('region', { name: 'Fridge', exact: true })).toContainText('Main line')
  await page.getByLabel(hookupLabels.cylindersAreAt).fill('-60')
  await expect(table.getByRole('row', { name: /Fridge/ })).toContainText('starves')
  await page.getByLabel(hookupLabels.cylindersAreAt).fill('400')
  await expect(page.getByText('Propane is judged from', { exact: false })).toBeVisible()
})
