import fc from 'fast-check'
import { chain, change, edited, sound } from '@tests/lines'
import { readyMadeLines } from '@/core/hookup/catalogue/readyMadeLines'
import { lineGraph } from '@/core/hookup/line/lineGraph'
import { type LeakItem, leakSheet } from '@/core/leak-test/sheet/leakSheet'
import { type LeakReading } from '@/core/leak-test/sheet/leakReading'
import { leakTestState, needsTechnician } from '@/core/leak-test/sheet/leakTestState'
import { type PressureProof, proofOutcome } from '@/core/leak-test/sheet/pressureProof'
import { fromUnit } from '@/core/units/convert'

const psi = (number: number): number => fromUnit(number, 'gaugePressure', 'psi')
const inWC = (number: number): number => fromUnit(number, 'gaugePressure', 'inWC')
const fahrenheit = (number: number): number => fromUnit(number, 'temperature', 'F')

const lines = [
  ...readyMadeLines.map(({ id, line }) => ({ id, line })),
  { id: 'portable on its bottle', line: sound(chain('bottle', 'portable')) },
  { id: 'single regulator', line: sound(chain('cylinder-both', 'single-stage', 'hose-low-flare', 'cooktop')) },
]
const sheets = lines.map(({ line }) => leakSheet(lineGraph(line)))
const anySheet = fc.constantFrom(...sheets)
const steady: PressureProof = { means: 'burner', flame: 'steady' }
const at = (minute: number): string => new Date(Date.UTC(2026, 10, 28, 10, minute)).toISOString()
const reading = (itemId: string, minute: number, more: Partial<LeakReading> = {}): LeakReading => ({
  itemId,
  grade: 'none',
  leftForTechnician: false,
  readAt: at(minute),
  ...more,
})
const isPressure = ({ kind }: LeakItem): boolean => kind === 'pressure'
const soapedDry = (sheet: readonly LeakItem[], minute = 10): LeakReading[] =>
  sheet.filter((item) => !isPressure(item)).map(({ id }) => reading(id, minute))
const proofs = (sheet: readonly LeakItem[], proof: PressureProof, minute: number): LeakReading[] =>
  sheet.filter(isPressure).map(({ id }) => reading(id, minute, { proof }))
const right = ({ zone }: LeakItem): PressureProof => ({
  means: 'gauge',
  lineK: fahrenheit(60),
  gaugePa: { low: inWC(12), intermediate: psi(12), cylinder: psi(92), 'co2-low': psi(12), 'co2-cylinder': psi(733) }[
    zone
  ],
})

describe('a gauge', () => {
  // Vapor pressure of propane: NPGA bulletin 100 and NFPA 58 annex, 92 psig at 60 °F, 38 at 20 °F [from memory].
  test.each([
    ['92 psi at 60 °F', 'cylinder', psi(92), 60, true],
    ['38 psi at 20 °F', 'cylinder', psi(38), 20, true],
    ['3 psi at 60 °F', 'cylinder', psi(3), 60, false],
    ['0 psi at 60 °F', 'cylinder', 0, 60, false],
    ['180 psi at 60 °F', 'cylinder', psi(180), 60, false],
    ['11 in WC', 'low', inWC(11.1), 60, true],
    ['14 in WC', 'low', inWC(13.9), 60, true],
    ['0.2 in WC', 'low', inWC(0.2), 60, false],
    ['15 in WC: no lock-up', 'low', inWC(15), 60, false],
    // Vapor pressure of CO2 at 60 °F: 733 psig by its published tables [from memory].
    ['733 psi of CO2', 'co2-cylinder', psi(733), 60, true],
    ['100 psi of CO2', 'co2-cylinder', psi(100), 60, false],
    ['1,200 psi of CO2 on a hot day', 'co2-cylinder', psi(1200), 95, true],
    ['12 psi behind the CO2 regulator', 'co2-low', psi(12), 60, true],
    ['none behind the CO2 regulator', 'co2-low', 0, 60, false],
  ] as const)('%s', (_, zone, gaugePa, degrees, proved) => {
    expect(proofOutcome(zone, { means: 'gauge', gaugePa, lineK: fahrenheit(degrees) }).proved).toBe(proved)
  })

  test('at a cylinder needs its temperature; a burner needs a steady flame', () => {
    expect(proofOutcome('cylinder', { means: 'gauge', gaugePa: psi(92), lineK: null }).proved).toBe(false)
    expect(proofOutcome('cylinder', steady).proved).toBe(true)
    expect(proofOutcome('cylinder', { means: 'burner', flame: 'weak' }).says).toMatch(/^Not tested.*flow limiter/)
    expect(proofOutcome('cylinder', { means: 'burner', flame: 'none' }).proved).toBe(false)
  })
})

describe('over every line', () => {
  test('soaped dry without a proof, or on a dead line, it never closes', () => {
    fc.assert(
      fc.property(anySheet, fc.constantFrom('none', 'weak'), (sheet, flame) => {
        const dry = leakTestState(sheet, soapedDry(sheet))
        expect(dry.mayClose).toBe(false)
        expect(dry.notProved).toBe(sheet.filter((item) => !isPressure(item)).length)
        const dead = [
          ...proofs(sheet, { means: 'burner', flame }, 20),
          ...proofs(sheet, { means: 'gauge', gaugePa: 0, lineK: 290 }, 5),
        ]
        expect(leakTestState(sheet, [...dead, ...soapedDry(sheet)]).mayClose).toBe(false)
      }),
    )
  })

  test('a burner on each cylinder closes it before or after the soap; gauges only before', () => {
    fc.assert(
      fc.property(anySheet, fc.constantFrom(5, 20), (sheet, minute) => {
        const bySupply = proofs(sheet, steady, minute).filter(({ itemId }) => !itemId.startsWith('pressure-behind'))
        expect(leakTestState(sheet, [...bySupply, ...soapedDry(sheet)]).mayClose).toBe(true)
        const gauges = sheet.filter(isPressure).map((item) => reading(item.id, minute, { proof: right(item) }))
        expect(leakTestState(sheet, [...gauges, ...soapedDry(sheet)]).mayClose).toBe(minute === 5)
      }),
    )
  })

  test('without the proof of one cylinder, only what that cylinder feeds alone is not tested', () => {
    fc.assert(
      fc.property(anySheet, fc.nat(5), (sheet, pick) => {
        const supplies = sheet.filter(({ id }) => id.startsWith('pressure '))
        const left = supplies[pick % supplies.length]
        const readings = supplies.filter((item) => item !== left).map(({ id }) => reading(id, 5, { proof: steady }))
        const state = leakTestState(sheet, [...readings, ...soapedDry(sheet)])
        expect(state.mayClose).toBe(false)
        for (const { item, state: is } of state.items.filter(({ item }) => !isPressure(item))) {
          const others = item.provedBy?.burner.filter((id) => id !== left?.id && id.startsWith('pressure ')) ?? []
          expect(is).toBe(others.length > 0 ? 'none' : 'not-proved')
        }
      }),
    )
  })

  test('after a repair the pressure is proved again', () => {
    fc.assert(
      fc.property(anySheet, fc.nat(40), (sheet, pick) => {
        const joints = sheet.filter(({ kind }) => kind === 'joint')
        const id = joints[pick % joints.length]?.id ?? ''
        const before = [...proofs(sheet, steady, 5), ...soapedDry(sheet)]
        const repaired = [...before, reading(id, 11, { grade: 'slow' }), reading(id, 13)]
        expect(leakTestState(sheet, repaired)).toMatchObject({ mayClose: false, notProved: 1 })
        expect(leakTestState(sheet, [...repaired, ...proofs(sheet, steady, 14)])).toMatchObject({
          mayClose: true,
          repaired: 1,
        })
      }),
    )
  })

  test('a vessel is repaired by a technician with a name and a day, never by a reading', () => {
    fc.assert(
      fc.property(anySheet, fc.nat(40), (sheet, pick) => {
        const vessels = sheet.filter((item) => needsTechnician(item, sheet))
        const id = vessels[pick % vessels.length]?.id ?? ''
        const leaked = [
          ...proofs(sheet, steady, 5),
          ...soapedDry(sheet),
          reading(id, 11, { grade: 'slow' }),
          reading(id, 13),
        ]
        const lit = proofs(sheet, steady, 15)
        const open = leakTestState(sheet, [...leaked, ...lit])
        expect(open.mayClose).toBe(false)
        expect(open.open.map(({ item, state }) => [item.id, state])).toEqual([[id, 'not-repaired']])
        const repair = { technician: 'Northgate Gas', repairedOn: '2026-11-28' }
        expect(leakTestState(sheet, [...leaked, reading(id, 14, { repair }), ...lit]).mayClose).toBe(true)
      }),
    )
  })

  test('no two places carry one name, and a joint is named by its hose and end', () => {
    for (const { line } of lines) {
      const names = leakSheet(lineGraph(line)).map(({ name }) => name.toLowerCase())
      expect(new Set(names).size).toBe(names.length)
    }
    const two = readyMadeLines.find(({ id }) => id === 'two-cylinders')?.line ?? { parts: [], joints: [], types: [] }
    const joints = (line: typeof two) => leakSheet(lineGraph(line)).filter(({ kind }) => kind === 'joint')
    expect(joints(two).map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Left pigtail, at the left cylinder', 'Right pigtail, at the automatic changeover']),
    )
    const sameNames = edited(
      two,
      change('left-pigtail', { name: 'Pigtail' }),
      change('right-pigtail', { name: 'pigtail' }),
    )
    expect(joints(sameNames).map(({ name }) => name)).toContain('pigtail 2, at the right cylinder')
  })

  test('a test that began before the pressure was asked for does not close by soap', () => {
    const old = (sheets[0] ?? []).filter((item) => !isPressure(item)).map(({ provedBy: _, ...item }) => item)
    expect(leakTestState(old, soapedDry(old)).mayClose).toBe(false)
  })
})
