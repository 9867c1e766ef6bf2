import { expect, type Page } from '@playwright/test'
import { type Kettle, startKettle, test, watchConsole } from '../kettle'
import { practiceLabels } from '@/ui/terms/practiceLabels'

let kettle: Kettle
test.beforeEach(async () => {
  kettle = await startKettle('demo')
})
test.afterEach(() => kettle.stop())

const PHONE = { width: 390, height: 844 }

async function startDrill(page: Page, id: string, seed: number): Promise<void> {
  await page.goto(`${kettle.url}/practice/drills/${id}?seed=${seed}`)
  await expect(page.getByRole('heading', { name: 'What do you do?' })).toBeVisible()
}

/** Opens the group that a button is in, and presses it; the bench answers before the next. */
async function act(page: Page, label: string): Promise<void> {
  const group = page.locator('.drill-controls details').filter({ has: page.locator('button', { hasText: label }) })
  if ((await group.getAttribute('open')) === null) await group.locator('summary').click()
  await group.getByRole('button', { name: label, exact: true }).click()
  await expect(page.locator('.drill-controls button:disabled')).toHaveCount(0)
}

const lastAct = (page: Page) => page.locator('.last-act')

async function expectEnd(page: Page, head: string): Promise<void> {
  const debrief = page.getByRole('region', { name: practiceLabels.debrief })
  await expect(debrief.getByText(head, { exact: true })).toBeVisible()
  await expect(debrief.getByText('The result is in your logbook.')).toBeVisible()
  await expect(debrief.getByRole('heading', { name: 'What an expert does, in this order' })).toBeVisible()
}

/** Tabs until a control has the focus, as somebody without a mouse does. */
async function tabTo(page: Page, name: string): Promise<void> {
  const target = page.getByRole('button', { name, exact: true })
  for (let i = 0; i < 150; i += 1) {
    await page.keyboard.press('Tab')
    if (await target.evaluate((element) => element === document.activeElement)) return
  }
  throw new Error(`no focus on ${name}`)
}

test('drill to a good end: a tripped flow limiter is reset by two minutes without flow', async ({ page }) => {
  const requireQuiet = watchConsole(page)
  await startDrill(page, 'opened-too-fast', 3)
  await act(page, 'Start Cooktop')
  await expect(lastAct(page)).toContainText('weak flame')
  await act(page, 'Turn Cooktop off')
  for (const label of ['Shut Left cylinder', 'Shut Right cylinder', 'Wait 2 minutes', 'Wait 2 minutes'])
    await act(page, label)
  await act(page, 'Open Left cylinder slowly')
  await expectEnd(page, 'A good end')
  await expect(page.getByText('Flow limiter tripped')).toBeVisible()
  await page.goto(`${kettle.url}/practice/drills`)
  await expect(page.getByText('1 of 25 drills played to a good end.')).toBeVisible()
  await page.goto(`${kettle.url}/log`)
  await expect(page.getByRole('cell', { name: 'Drill played' })).toBeVisible()
  requireQuiet()
})

test('drill to a good end: a pigtail that worked loose is tightened, and soaped again', async ({ page }) => {
  await startDrill(page, 'smell-at-tongue', 2)
  await act(page, 'Soap the joints')
  const joint = /Bubbles at (.*)\.$/.exec((await lastAct(page).innerText()).trim())?.[1] ?? ''
  expect(joint).not.toBe('')
  await act(page, 'Shut Left cylinder')
  await act(page, 'Shut Right cylinder')
  await act(page, `Tighten by hand: ${joint}`)
  await act(page, 'Open Left cylinder slowly')
  await act(page, 'Open Right cylinder slowly')
  await act(page, 'Soap the joints')
  await expectEnd(page, 'A good end')
})

test('drill to a good end on a phone: the low alarm while everybody sleeps; a reload loses nothing', async ({
  page,
}) => {
  await page.setViewportSize(PHONE)
  await startDrill(page, 'alarm-asleep', 4)
  await expect(page.getByText('The gas alarm sounds').first()).toBeVisible()
  await act(page, 'Everybody out')
  await expect(lastAct(page)).toContainText('Everybody out')
  await page.reload()
  await expect(lastAct(page)).toContainText('Everybody out')
  for (const label of ['Shut Left cylinder', 'Shut Right cylinder', 'Call 911']) await act(page, label)
  await expectEnd(page, 'A good end')
})

test('drill to a good end by keyboard alone: the curtain by the heater', async ({ page }) => {
  await startDrill(page, 'curtain-by-heater', 1)
  for (const name of [
    'Heater off, let it cool',
    'Tie the curtain back and move the bag',
    'Measure the distance again',
  ]) {
    await tabTo(page, name)
    await page.keyboard.press('Enter')
    const debrief = page.getByRole('region', { name: practiceLabels.debrief })
    await expect(lastAct(page).filter({ hasText: name }).or(debrief)).toBeVisible()
    await expect(page.locator('.drill-controls button:disabled')).toHaveCount(0)
  }
  await expectEnd(page, 'A good end')
})

test('drill to a good end: the cylinder of the exchange is read and weighed before it is paid', async ({ page }) => {
  await startDrill(page, 'exchange-old-short', 2)
  await act(page, 'Read the date on its collar')
  await act(page, 'Weigh it and subtract its tare')
  await act(page, 'Ask for another one, or go to a refill')
  await expectEnd(page, 'A good end')
})

test('drill to a bad end: a light switch in gas', async ({ page }) => {
  await startDrill(page, 'alarm-asleep', 4)
  await act(page, 'Turn on the light')
  await expectEnd(page, 'A bad end')
  await expect(page.getByText('One spark is enough.')).toBeVisible()
  await page.getByRole('link', { name: practiceLabels.anotherVersion }).click()
  await expect(page.getByText('Version 5, on Marigold.')).toBeVisible()
})

test('drill to a bad end: the flame at a joint is put out', async ({ page }) => {
  await startDrill(page, 'burning-joint', 3)
  await act(page, 'Put the flame out with the extinguisher')
  await expectEnd(page, 'A bad end')
  await page.goto(`${kettle.url}/practice/drills`)
  await expect(page.getByText('play it again before the season')).toBeVisible()
})

/** Answers by what a question asks; `cannot tell` to what is not listed. */
async function answerAll(page: Page, answers: readonly (readonly [RegExp, string])[]): Promise<void> {
  const end = page.getByRole('region', { name: 'Most likely' })
  const card = page.locator('fieldset.ask-card')
  for (let i = 0; i < 12; i += 1) {
    await expect(card.or(end)).toBeVisible()
    if (await end.isVisible()) return
    const asked = await card.locator('legend').innerText()
    const answer = answers.find(([question]) => question.test(asked))?.[1] ?? practiceLabels.cannotTell
    await card.getByRole('button', { name: answer, exact: true }).click()
    await expect(card.locator('legend').filter({ hasText: asked })).toHaveCount(0)
  }
}

test('search: the fridge’s switch is at electric; entered, in the verdict, repaired', async ({ page }) => {
  const requireQuiet = watchConsole(page)
  await page.goto(`${kettle.url}/practice`)
  await page.getByRole('button', { name: 'One appliance does not light' }).click()
  await answerAll(page, [
    [/^When did it begin/, 'After the rig was stored'],
    [/^Which appliances fail/, 'Only Fridge'],
    [/^Are all branch valves open/, 'Fridge was not'],
    [/^Does Fridge spark/, 'No click'],
    [/^Start Fridge/, 'no click, no fan, no flame'],
    [/^Are the 12 V lights/, 'Bright, over 11.5 V'],
  ])
  const found = page.getByRole('region', { name: 'Most likely' })
  await expect(found.getByRole('heading', { name: 'Switch at electric or off: Fridge' })).toBeVisible()
  await found.getByRole('button', { name: practiceLabels.enterFault }).click()
  await expect(found.getByText('Entered. The verdict counts it')).toBeVisible()
  await page.goto(kettle.url)
  await expect(page.getByText('Switch at electric or off: Fridge.').first()).toBeVisible()
  await page.goto(`${kettle.url}/practice/faults`)
  await page.getByRole('button', { name: practiceLabels.saveRepair }).click()
  await expect(page.getByText('Say who repaired it and how.')).toBeVisible()
  await page.getByLabel(practiceLabels.whoRepaired).fill('Set to gas myself')
  await page.getByRole('button', { name: practiceLabels.saveRepair }).click()
  await expect(page.getByText('No fault is open.')).toBeVisible()
  requireQuiet()
})

test('search on a phone: the regulator is a technician’s; an answer can be undone, and a danger ends it', async ({
  page,
}) => {
  await page.setViewportSize(PHONE)
  await page.goto(`${kettle.url}/practice`)
  await page.getByRole('button', { name: 'Flames are weak' }).click()
  await answerAll(page, [
    [/^When did it begin/, 'Slowly, over weeks or months'],
    [/^Which appliances fail/, 'All of them burn weakly'],
    [/^Do you see frost/, 'No frost'],
    [/^How heavy/, 'Gas is in it'],
    [/^Where does the lever/, 'At a cylinder with gas'],
    [/^All off\. Shut/, 'No change'],
    [/^Manometer/, 'Under 10 in WC with flow'],
    [/^Look along every hose/, 'All lie free'],
  ])
  await expect(page.getByRole('heading', { name: /^Regulator gives too little pressure/ })).toBeVisible()
  await expect(page.getByText('call a licensed technician')).toBeVisible()
  await page.getByRole('button', { name: practiceLabels.undoAnswer }).click()
  await expect(page.locator('fieldset.ask-card').or(page.getByRole('region', { name: 'Most likely' }))).toBeVisible()
  await page.getByText(practiceLabels.dangerNow).click()
  await page.getByRole('button', { name: 'Smell of gas inside, or the gas alarm sounds' }).click()
  await expect(page.getByRole('heading', { name: /^Stop searching\. Smell of gas/ })).toBeFocused()
})

test('rehearsal: wrong input gets a sentence at its field, and a saved one ends the note', async ({ page }) => {
  await page.goto(`${kettle.url}/practice/rehearsal`)
  await expect(page.getByText('Rehearse before this season')).toBeVisible()
  await page.getByRole('button', { name: practiceLabels.saveRehearsal }).click()
  await expect(page.getByText('Enter 1 or more: somebody has to walk the steps.')).toBeVisible()
  await expect(page.getByText('Walk through one sheet or more.')).toBeVisible()
  await page.getByLabel(/^Smell of gas, or the gas alarm/).check()
  await page.getByLabel(practiceLabels.peopleAboard).fill('2')
  await page.getByRole('button', { name: practiceLabels.saveRehearsal }).click()
  await expect(page.getByText('Saved. It is in your logbook.')).toBeVisible()
  await expect(page.getByText('Rehearsed this season')).toBeVisible()
})
