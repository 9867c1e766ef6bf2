import fc from 'fast-check'
import { add, change, check, edited, sound, soundStart } from '@tests/lines'
import { editLine } from '@/core/hookup/line/editLine'
import type { Line } from '@/core/hookup/line/line'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { readLineFile, writeLineFile } from '@/core/hookup/line/lineFile'
import { regulatorOutletPa } from '@/core/hookup/flow/lineFlow'
import { leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { leakGrades } from '@/core/leak-test/sheet/leakReading'
import { type LeakReading } from '@/core/leak-test/sheet/leakReading'
import { leakTestState } from '@/core/leak-test/sheet/leakTestState'
import { fromUnit } from '@/core/units/convert'
import { zoneFacts } from '@/core/hookup/catalogue/zone'

const feet = (number: number): number => fromUnit(number, 'length', 'ft')
const btuh = (number: number): number => fromUnit(number, 'power', 'btuh')

/** A trunk of tees, each with a branch; lengths and inputs are random. */
const anyLine = fc
  .array(
    fc.record({
      runFt: fc.integer({ min: 1, max: 60 }),
      branchFt: fc.integer({ min: 1, max: 30 }),
      inputK: fc.integer({ min: 1, max: 40 }),
    }),
    {
      minLength: 1,
      maxLength: 6,
    },
  )
  .map((branches): Line => {
    let line = edited(
      { parts: [], joints: [], types: [] },
      add('cylinder', 'cylinder-both', null),
      add('pigtail', 'pigtail-acme', 'cylinder'),
      add('regulator', 'two-stage', 'pigtail'),
      add('nipple', 'npt-to-flare-3/8', 'regulator'),
      add('run-0', 'tube-3/8', 'nipple'),
    )
    branches.forEach(({ runFt, branchFt, inputK }, i) => {
      line = edited(
        line,
        add(`tee-${i}`, 'tee-flare-3/8', `run-${i}`),
        add(`valve-${i}`, 'valve-swivel-3/8', `tee-${i}`),
        add(`tube-${i}`, 'tube-3/8', `valve-${i}`),
        add(`burner-${i}`, 'water-heater', `tube-${i}`),
        add(`run-${i + 1}`, 'tube-3/8', `tee-${i}`),
        change(`tube-${i}`, { lengthM: feet(branchFt) }),
        change(`burner-${i}`, { inputW: btuh(inputK * 1000) }),
        change(`run-${i + 1}`, { lengthM: feet(runFt) }),
      )
    })
    return sound(edited(line, add('end', 'cooktop', `run-${branches.length}`)))
  })

test('flow out of every part equals flow into it, and all of it comes from the cylinder', () => {
  fc.assert(
    fc.property(anyLine, (line) => {
      const { graph, flow, demandsW } = check(line)
      const all = Object.values(demandsW).reduce((sum, watts) => sum + watts, 0)
      expect(flow?.get('cylinder')?.flowW).toBeCloseTo(all, 6)
      for (const part of graph.parts) {
        const through = flow?.get(part.part.id)?.flowW ?? NaN
        const onward = part.outOf.reduce((sum, { to }) => sum + (flow?.get(to.part.id)?.flowW ?? NaN), 0)
        expect(through).toBeCloseTo(onward + (demandsW[part.part.id] ?? 0), 6)
      }
    }),
    { numRuns: 60 },
  )
})

test('pressure never rises down the line, and flowing never exceeds lock-up', () => {
  fc.assert(
    fc.property(anyLine, (line) => {
      const { graph, flow } = check(line)
      for (const { from, to } of graph.joints) {
        const above = flow?.get(from.part.id)
        const below = flow?.get(to.part.id)
        expect(below?.inletGaugePa).toBeLessThanOrEqual((above?.outletGaugePa ?? NaN) + 1e-9)
        expect(below?.outletGaugePa).toBeLessThanOrEqual((below?.inletGaugePa ?? NaN) + 1e-9)
        expect(below?.outletGaugePa).toBeGreaterThanOrEqual(0)
        expect(below?.inletGaugePa).toBeLessThanOrEqual((above?.staticGaugePa ?? NaN) + 1e-9)
      }
    }),
    { numRuns: 60 },
  )
})

test('adding an appliance never gives another more; a wider bore never gives it less', () => {
  fc.assert(
    fc.property(anyLine, (line) => {
      const at = (drawn: Line, demandsW?: Record<string, number>): number =>
        check(drawn, demandsW ? { demandsW } : {}).flow?.get('end')?.inletGaugePa ?? NaN
      const single = at(line, { end: btuh(16_000) })
      expect(at(line)).toBeLessThanOrEqual(single + 1e-9)
      const wider = edited(line, change('run-0', { boreM: fromUnit(0.824, 'length', 'in') }))
      expect(at(wider)).toBeGreaterThanOrEqual(at(line) - 1e-9)
    }),
    { numRuns: 40 },
  )
})

test('a zone never rises along the line, and its pressure never exceeds the zone’s maximum', () => {
  fc.assert(
    fc.property(anyLine, fc.double({ min: 230, max: 310, noNaN: true }), (line, temperatureK) => {
      const { graph, zones, flow } = check(line, { temperatureK })
      for (const { part } of graph.parts) {
        const { inlet, outlet } = zones.get(part.id) ?? { inlet: null, outlet: null }
        if (!inlet || !outlet) throw new Error('no zone')
        expect(zoneFacts[outlet].mostGaugePa).toBeLessThanOrEqual(zoneFacts[inlet].mostGaugePa)
        expect(flow?.get(part.id)?.staticGaugePa).toBeLessThanOrEqual(zoneFacts[outlet].mostGaugePa)
      }
    }),
    { numRuns: 40 },
  )
})

test('a line survives a file round trip, and being taken apart and put together', () => {
  fc.assert(
    fc.property(anyLine, fc.nat(40), (line, at) => {
      expect(lineFingerprint(readLineFile(writeLineFile('x', line)).line)).toBe(lineFingerprint(line))
      const joint = line.joints[at % line.joints.length]
      if (!joint) throw new Error('no joint')
      const parted = editLine(line, { do: 'unjoin', id: joint.id })
      expect(lineFingerprint(parted)).not.toBe(lineFingerprint(line))
      const again = editLine(parted, { do: 'join', id: joint.id, from: joint.from, to: joint.to })
      expect(lineFingerprint(again)).toBe(lineFingerprint(line))
    }),
    { numRuns: 40 },
  )
})

test('an edit does not change the line it was given', () => {
  const line = soundStart('two-cylinders')
  const before = JSON.stringify(line)
  edited(
    line,
    add('x', 'cooktop', 'tee'),
    change('main', { lengthM: 9 }),
    { do: 'remove', id: 'tee' },
    { do: 'unjoin', id: 'main-in' },
  )
  expect(JSON.stringify(line)).toBe(before)
})

test('a regulator never gives more than its inlet, nor more as demand rises', () => {
  const facts = {
    setGaugePa: 2740,
    lockupGaugePa: 3200,
    ratedW: 20_000,
    minInletGaugePa: 69_000,
    outlet: 'low',
  } as const
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 2e6, noNaN: true }),
      fc.double({ min: 0, max: 6e4, noNaN: true }),
      fc.double({ min: 0, max: 6e4, noNaN: true }),
      (inlet, one, other) => {
        const [less, more] = one < other ? [one, other] : [other, one]
        expect(regulatorOutletPa(facts, inlet, more)).toBeLessThanOrEqual(regulatorOutletPa(facts, inlet, less))
        expect(regulatorOutletPa(facts, inlet, less)).toBeLessThanOrEqual(inlet)
        expect(regulatorOutletPa(facts, inlet, less)).toBeGreaterThanOrEqual(0)
      },
    ),
  )
})

test('every part that gas reaches has its joints on the sheet, and the state counts every place once', () => {
  fc.assert(
    fc.property(
      anyLine,
      fc.array(fc.record({ at: fc.nat(400), grade: fc.constantFrom(...leakGrades), left: fc.boolean() }), {
        maxLength: 40,
      }),
      (line, told) => {
        const graph = lineGraph(line)
        const sheet = leakSheet(graph)
        expect(sheet.filter(({ kind }) => kind === 'joint')).toHaveLength(line.joints.length)
        const readings = told.map(({ at, grade, left }, i): LeakReading => ({
          itemId: sheet[at % sheet.length]?.id ?? '',
          grade,
          leftForTechnician: left && grade !== 'none',
          readAt: String(i),
        }))
        const state = leakTestState(sheet, readings)
        const none = state.items.filter(({ state: is }) => is === 'none').length
        expect(none + state.unread + state.notProved + state.open.length).toBe(sheet.length)
        expect(state.mayClose).toBe(none === sheet.length)
        expect(new Set(sheet.map(({ name }) => name.toLowerCase())).size).toBe(sheet.length)
        expect(state.repaired).toBeLessThanOrEqual(none)
      },
    ),
    { numRuns: 60 },
  )
})
