import fs from 'node:fs'
import path from 'node:path'
import { stations } from '@/core/findings/Finding'
import { emergencies } from '@/ui/shell/emergencies'
import { readQuantity } from '@/ui/fields/typedQuantity'
import { stateLabels } from '@/ui/figures/StateMark'
import { stationFacts } from '@/ui/shell/stationFacts'
import { terms } from '@/ui/terms/terms'

test('every station has a page at its route', () => {
  for (const station of stations) {
    const page = path.join('src/app', stationFacts[station].route, 'page.tsx')
    expect(fs.existsSync(page)).toBe(true)
  }
})

describe('the emergency sheets', () => {
  test('are those of the trade, with few and short steps', () => {
    expect(emergencies.map(({ id }) => id)).toEqual([
      'gas',
      'driving',
      'co',
      'fire',
      'joint',
      'relief',
      'co2',
      'frostbite',
    ])
    for (const { steps, when, short } of emergencies) {
      expect(short).toMatch(/^[a-z].{20,110}\.$/)
      expect(steps.length).toBeGreaterThanOrEqual(4)
      expect(steps.length).toBeLessThanOrEqual(6)
      expect(when.length).toBeGreaterThan(10)
      for (const step of steps) expect(step.length).toBeLessThan(130)
    }
  })

  test.each(['gas', 'co', 'fire', 'co2'])('%s: people out before anything else', (id) => {
    expect(emergencies.find((sheet) => sheet.id === id)?.steps[0]).toMatch(/^Everybody out/)
  })

  test('nobody is sent back in, and there are no jokes or exclamation marks', () => {
    const all = emergencies.flatMap(({ steps }) => steps).join(' ')
    expect(all).not.toMatch(/!/)
    expect(all).toMatch(/Do not go back in/)
    expect(all).toMatch(/Do not go in for somebody without air/)
  })
})

test('by what fire services tell people: distances, calls and what is never done', () => {
  const stepsOf = (id: string): string => emergencies.find((sheet) => sheet.id === id)?.steps.join(' ') ?? ''
  for (const { id } of emergencies.filter(({ id: one }) => one !== 'frostbite')) expect(stepsOf(id)).toMatch(/911/)
  expect(stepsOf('relief')).toMatch(/^Everybody 330 ft .*upwind/)
  expect(stepsOf('relief')).not.toMatch(/water/)
  expect(stepsOf('driving')).toMatch(/^Pull off .*Engine off.*out, upwind.*330 ft.*Do not start it again/)
  expect(stepsOf('co')).toMatch(
    /say carbon monoxide.*see and reach at once.*CPR.*get checked.*Four beeps|CPR.*get checked/,
  )
  expect(stepsOf('joint')).toMatch(/let it burn/)
  expect(stepsOf('gas')).toMatch(/no phone where it smells/)
})

test('every state but none has a distinct word', () => {
  const { none, ...spoken } = stateLabels
  expect(none).toBe('')
  expect(new Set(Object.values(spoken)).size).toBe(Object.keys(spoken).length)
})

test('every term is explained in a sentence', () => {
  for (const meaning of Object.values(terms)) expect(meaning).toMatch(/^[A-Z].{20,}\.$/)
})

describe('a field’s text', () => {
  test('bare numbers take the unit shown, empty is no value yet', () => {
    expect(readQuantity({ text: '31.4', system: 'us' }, 'cylinderMass').value).toBeCloseTo(14.2428, 4)
    expect(readQuantity({ text: '31.4', system: 'metric' }, 'cylinderMass').value).toBeCloseTo(31.4, 9)
    expect(readQuantity({ text: '14.6', system: 'us' }, 'bottleMass').value).toBeCloseTo(0.4139, 4)
    expect(readQuantity({ text: '  ', system: 'us' }, 'bottleMass')).toEqual({ value: null, issue: null })
  })

  test('unreadable text is a sentence, not an error', () => {
    expect(readQuantity({ text: 'heavy', system: 'us' }, 'cylinderMass').issue).toMatch(/does not begin with a number/)
    expect(readQuantity({ text: '50', system: 'us' }, 'share')).toEqual({ value: 0.5, issue: null })
    expect(readQuantity({ text: 'half', system: 'us' }, 'share').issue).toMatch(/is not a number/)
  })
})
