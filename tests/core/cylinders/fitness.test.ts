import { answers, bottleGear, co2Gear, cylinderGear, fitness, NOW, soundEquipment, tankGear, TODAY } from '@tests/gear'
import { fahrenheit, OUNCE_KG, POUND_KG, PSI_PA } from '@tests/tradeUnits'
import { unusableReason, usableGasKg } from '@/core/cylinders/fitness/usableGas'
import { conditionFindings, cylinderFindings, LOOK_HOLDS_DAYS } from '@/core/cylinders/fitness/cylinderFindings'
import { cylinderKinds, kindInSentence } from '@/core/cylinders/cylinderKind'
import { equipmentEndMonth, type Equipment } from '@/core/cylinders/equipment/equipment'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { evaluateInspection, inspectionItems } from '@/core/cylinders/inspection/inspectionItems'
import { equipmentFindings } from '@/core/cylinders/equipment/equipmentFindings'
import { heatCurve } from '@/core/cylinders/contents/heatCurve'
import { heatFigures } from '@/core/cylinders/contents/heatFigures'
import { parseSizeName } from '@/core/cylinders/parseSizeName'
import { reliefPressurePa } from '@/core/cylinders/contents/reliefPressure'
import { formatPhrase } from '@/core/units/formatQuantity'
import { stampWarnings } from '@/core/cylinders/stamps/stampWarnings'

const codes = (...found: { code: string }[]) => found.map(({ code }) => code)
const lookedAt = '2026-11-30T09:00:00.000Z'

describe('dates and condition of one cylinder', () => {
  const found = (change: Parameters<typeof fitness>[1], until = TODAY) =>
    conditionFindings(cylinderGear({ fitness: fitness('removable', change) }), NOW, until)

  test('in date and inspected: no finding', () => {
    expect(found({})).toEqual([])
  })
  test('overdue may be used up: fix first, and its remedy is a new mark', () => {
    const [finding] = found({ manufacturedMonth: '2011-06' })
    expect(finding).toMatchObject({
      code: 'date-overdue',
      severity: 'fix-first',
      remedy: { page: 'dates', label: 'Enter its new mark' },
    })
  })
  test('due during the trip, or unknown', () => {
    expect(codes(...found({ manufacturedMonth: '2016-12' }, '2027-01-03'))).toEqual(['date-due-in-trip'])
    expect(codes(...found({ manufacturedMonth: null }))).toEqual(['date-unknown'])
  })
  test('stored dates that contradict each other are unknown, not an error', () => {
    const marks = [{ month: '2031-01', letter: 'E', requalifier: null }] as const
    expect(gearRequalification(cylinderGear({ fitness: fitness('removable', { marks }) }), TODAY).status).toBe(
      'unknown',
    )
  })
  test('never inspected, inspected too long ago, to be repaired, incomplete', () => {
    expect(codes(...found({ lastLook: null }))).toEqual(['never-looked-over'])
    expect(codes(...found({ lastLook: { answers: answers('removable'), lookedAt: '2026-10-01T00:00:00Z' } }))).toEqual([
      'look-over-old',
    ])
    expect(codes(...found({ lastLook: { answers: answers('removable', ['plug']), lookedAt } }))).toEqual([
      'look-over-found',
    ])
    expect(codes(...found({ lastLook: { answers: { bulge: 'sound' }, lookedAt } }))).toEqual(['look-over-unfinished'])
  })
  test('out of service is a stop, despite later inspections', () => {
    const retiredBy = { answers: answers('removable', ['bulge']), lookedAt: '2026-10-01T00:00:00Z' }
    const cylinder = cylinderGear({ fitness: fitness('removable', { retiredBy }) })
    expect(conditionFindings(cylinder, NOW, TODAY)[0]).toMatchObject({ code: 'cylinder-retired', severity: 'stop' })
    expect(unusableReason(cylinder)).toBe('out of service')
    expect(usableGasKg(cylinder)).toBeNull()
  })
  test('a refilled throw-away bottle is a stop for any trip, and its gas does not count', () => {
    const refilled = bottleGear({
      kind: 'bottle',
      fitness: fitness('bottle', { specification: 'DOT-39', refilledAt: NOW }),
    })
    expect(codes(...conditionFindings(refilled, NOW, TODAY))).toEqual(['refilled-non-refillable'])
    expect(usableGasKg(refilled)).toBeNull()
    expect(usableGasKg(bottleGear())).toBeCloseTo(13 * OUNCE_KG, 9)
  })
  test('a refillable bottle that was refilled raises no finding and its gas counts', () => {
    const refilled = bottleGear({
      fitness: fitness('refillable-bottle', { refilledAt: NOW, manufacturedMonth: '2020-03' }),
    })
    expect(codes(...conditionFindings(refilled, NOW, TODAY))).toEqual([])
    expect(unusableReason(refilled)).toBeNull()
    expect(usableGasKg(refilled)).toBeCloseTo(13 * OUNCE_KG, 9)
  })
  test('a throw-away bottle as it was bought may be used', () => {
    const bought = bottleGear({ kind: 'bottle' })
    expect(codes(...conditionFindings(bought, NOW, TODAY))).not.toContain('refilled-non-refillable')
    expect(unusableReason(bought)).toBeNull()
  })
  test('without a weighing nothing is known of its gas, and nothing is said against using it', () => {
    const unweighed = cylinderGear({ lastWeighing: null })
    expect(unusableReason(unweighed)).toBeNull()
    expect(usableGasKg(unweighed)).toBeNull()
    const over = cylinderGear({ lastWeighing: { grossKg: 40 * POUND_KG, hangingKg: 0, weighedAt: NOW } })
    expect(unusableReason(over)).toBe('overfilled')
  })
  test('a look-over holds to the moment it is too old', () => {
    const holdsS = LOOK_HOLDS_DAYS * 86_400
    const at = (ageS: number) =>
      codes(
        ...found({
          lastLook: {
            answers: answers('removable'),
            lookedAt: new Date(Date.parse(NOW) - ageS * 1000).toISOString(),
          },
        }),
      )
    expect(at(holdsS)).toEqual([])
    expect(at(holdsS + 1)).toEqual(['look-over-old'])
  })
  test('each names the cylinder, what was found, its month and its rule', () => {
    const told = (change: Parameters<typeof fitness>[1], until = TODAY) =>
      found(change, until).map(({ sentence, reason, remedy }) => [
        formatPhrase(sentence, 'us'),
        formatPhrase(reason, 'us'),
        remedy.subjectId,
      ])
    const bad = { answers: answers('removable', ['plug', 'bulge']), lookedAt }
    expect(told({ retiredBy: bad })).toEqual([
      ['Left cylinder is out of service.', expect.stringMatching(/^Not so at the last look: [a-z].*inspector/), 'left'],
    ])
    expect(told({ lastLook: null })[0]?.[0]).toBe('Left cylinder has not been looked over.')
    const old = { answers: answers('removable'), lookedAt: '2026-10-01T00:00:00Z' }
    expect(told({ lastLook: old })[0]?.[0]).toBe('Look Left cylinder over again.')
    const mended = told({ lastLook: { answers: answers('removable', ['plug']), lookedAt } })
    expect(mended[0]).toEqual([
      'Left cylinder is to be mended.',
      expect.stringMatching(/^Not so at the last look: [a-z][^;]*\.$/),
      'left',
    ])
    const unfinished = told({ lastLook: { answers: { bulge: 'sound' }, lookedAt } })
    expect(unfinished[0]?.[1]).toMatch(/^Not looked at: [a-z][^;]*; [a-z]/)
    const overdue = told({ manufacturedMonth: '2011-06' })[0]
    expect(overdue?.join(' ')).toMatch(/2021|2023/)
    expect(overdue?.join(' ')).not.toMatch(/[{}]/)
    expect(told({ manufacturedMonth: null })[0]?.[0]).toBe('Requalification date of Left cylinder not entered.')
  })
  test('all findings of a cylinder judge the day itself where no trip is given', () => {
    const dueNextMonth = cylinderGear({ fitness: fitness('removable', { manufacturedMonth: '2016-12' }) })
    expect(codes(...cylinderFindings(dueNextMonth, NOW))).toEqual([])
    expect(codes(...cylinderFindings(dueNextMonth, NOW, '2027-01-03'))).toEqual(['date-due-in-trip'])
    const overdue = cylinderGear({
      lastWeighing: null,
      fitness: fitness('removable', { manufacturedMonth: '2011-06' }),
    })
    const all = codes(...cylinderFindings(overdue, NOW))
    expect(all).toContain('date-overdue')
    expect(all.length).toBeGreaterThan(1)
  })
  test('each kind has its own inspection list, and every disqualifying item puts it out of service', () => {
    for (const kind of cylinderKinds) {
      const items = inspectionItems(kind)
      expect(new Set(items.map(({ id }) => id)).size).toBe(items.length)
      for (const { id, retires } of items) {
        const judged = evaluateInspection(kind, answers(kind, [id]))
        expect(codes(...judged.disqualifying.map((item) => ({ code: item.id })))).toEqual(retires ? [id] : [])
        expect(judged.missing).toEqual([])
      }
    }
    expect(kindInSentence('co2')).toBe('CO2 cylinder')
    expect(kindInSentence('removable')).toBe('removable cylinder')
  })
})

describe('stamps that are asked about', () => {
  const ask = (
    tareLb: number,
    waterLb: number,
    kind: 'removable' | 'refillable-bottle' = 'removable',
    labelNetKg: number | null = null,
  ) => codes(...stampWarnings({ kind, tareKg: tareLb * POUND_KG, waterCapacityKg: waterLb * POUND_KG, labelNetKg }))
  test('usual collars give no warning', () => {
    for (const [tare, water] of [
      [7, 11.9],
      [11, 23.8],
      [17.5, 47.6],
      [24.5, 71.4],
      [29.5, 95.2],
      [70, 238],
      [270, 1000],
    ] as const) {
      expect(ask(tare, water)).toEqual([])
    }
    expect(ask(14.6 / 16, 2.44, 'refillable-bottle', 16.4 * OUNCE_KG)).toEqual([])
  })
  test('the wrong way round; 20 lb where the water capacity belongs; a label over the limit', () => {
    expect(ask(47.6, 17.8)).toEqual(['tare-over-half'])
    expect(ask(25, 47.6)).toEqual(['tare-over-half'])
    expect(ask(17.8, 20)).toEqual(['nominal-for-water-capacity'])
    expect(ask(11, 10)).toEqual(['nominal-for-water-capacity'])
    expect(ask(14.6 / 16, 2.0, 'refillable-bottle', 16.4 * OUNCE_KG)).toEqual(['label-over-limit'])
  })
})

/** Common practice: what people call a size. */
test.each([
  ['five gallon', ['removable-20']],
  ['5 gal', ['removable-20']],
  ['2 1/2 gallon', ['removable-10']],
  ['two and a half gallons', ['removable-10']],
  ['20 lb', ['removable-20']],
  ['20#', ['removable-20']],
  ['thirty', ['removable-30']],
  ['grill', ['removable-20']],
  ['1 lb', ['bottle-1']],
  ['100 lb', ['removable-100']],
  ['100 gal', ['removable-420']],
  ['100', ['removable-100', 'removable-420']],
  ['a hundred', ['removable-100', 'removable-420']],
  ['5 lb CO2', ['co2-5']],
  ['a dragon', []],
  ['13 gal', []],
])('“%s” means %j', (words, ids) => {
  expect(parseSizeName(words).map(({ size }) => size.id)).toEqual(ids)
})

describe('hot car, cold night', () => {
  test('relief devices by stamp and kind', () => {
    const psi = (cylinder: Parameters<typeof reliefPressurePa>[0], specification: string | null) =>
      Math.round(reliefPressurePa(cylinder, specification).gaugePa / PSI_PA)
    expect(psi({ kind: 'removable' }, 'DOT-4BA240')).toBe(375)
    expect(psi({ kind: 'removable' }, null)).toBe(375)
    expect(psi({ kind: 'onboard' }, null)).toBe(250)
    expect(psi({ kind: 'co2' }, 'DOT-3AL1800')).toBe(3000)
  })
  test('a full cylinder: liquid-full near 147 °F, and the relief valve opens soon after', () => {
    const curve = heatCurve({
      gas: 'propane',
      netKg: 20 * POUND_KG,
      waterCapacityKg: 47.6 * POUND_KG,
      altitudeM: 0,
      reliefGaugePa: 375 * PSI_PA,
    })
    expect(curve.liquidFullK ?? 0).toBeCloseTo(fahrenheit(146.4), 0)
    expect(curve.reliefAtK ?? 0).toBeGreaterThan(curve.liquidFullK ?? 0)
    expect((curve.reliefAtK ?? 0) - (curve.liquidFullK ?? 0)).toBeLessThan(3)
    const pressures = curve.points.map(({ gaugePa }) => gaugePa)
    expect(pressures).toEqual(pressures.toSorted((a, b) => a - b))
  })
  /** At 68 % about 2,260 psig at 130 °F; a 3,000 psi disc near 157 °F; by the fluid data. */
  test('CO2 at its limit: near 5/4 at 130 °F, the disc near 157 °F', () => {
    const figures = heatFigures(co2Gear(), 7.35 * 0.68 * POUND_KG, 0, null)
    expect(figures.hot.quantity.value / PSI_PA).toBeCloseTo(2262, -1)
    expect((figures.fiveQuarters?.quantity.value ?? 0) / PSI_PA).toBeCloseTo(2250, 6)
    expect(figures.reliefAt?.quantity.value ?? 0).toBeCloseTo(fahrenheit(157), 0)
  })
  test('the setting on the plate takes precedence over the usual one', () => {
    const figures = heatFigures(tankGear(), 5, 0, 312 * PSI_PA)
    expect(figures.reliefSetting.quantity.value / PSI_PA).toBeCloseTo(312, 6)
    expect(figures.relief.from).toBe('stamp')
  })
})

describe('hoses, regulators, alarms', () => {
  const thing = (change: Partial<Equipment> = {}): Equipment => ({
    id: 'hose',
    kind: 'hose',
    name: 'Pigtail',
    madeMonth: '2024-06',
    replaceByMonth: null,
    lastLook: { sound: true, lookedAt, note: null },
    ...change,
  })
  const found = (change: Partial<Equipment>) =>
    codes(...equipmentFindings([thing(change), ...soundEquipment().filter(({ kind }) => kind !== 'hose')], NOW, TODAY))

  test('young and inspected: no finding; none entered: a finding', () => {
    expect(equipmentFindings(soundEquipment(), NOW, TODAY)).toEqual([])
    expect(codes(...equipmentFindings([], NOW, TODAY))).toEqual(['alarm-not-entered', 'equipment-not-entered'])
  })
  test('its own date takes precedence over its age', () => {
    expect(equipmentEndMonth(thing())).toBe('2029-06')
    expect(equipmentEndMonth(thing({ replaceByMonth: '2027-01' }))).toBe('2027-01')
    expect(equipmentEndMonth(thing({ madeMonth: null }))).toBeNull()
  })
  test('seven years, no date, found bad, not looked at', () => {
    expect(found({ madeMonth: '2019-10' })).toEqual(['equipment-old'])
    expect(found({ madeMonth: null })).toEqual(['equipment-date-unknown'])
    expect(found({ lastLook: { sound: false, lookedAt, note: null } })).toEqual(['equipment-bad'])
    expect(found({ lastLook: null })).toEqual(['equipment-not-looked-at'])
  })
  test('of an alarm each has a code of its own, which no reason makes acceptable', () => {
    const alarm = (change: Partial<Equipment>): string[] => {
      const others = soundEquipment().filter(({ kind }) => kind !== 'co-alarm')
      return codes(...equipmentFindings([thing({ kind: 'co-alarm', ...change }), ...others], NOW, TODAY))
    }
    expect(alarm({ madeMonth: '2017-10' })).toEqual(['alarm-old'])
    expect(alarm({ madeMonth: null })).toEqual(['alarm-date-unknown'])
    expect(alarm({ lastLook: { sound: false, lookedAt, note: null } })).toEqual(['alarm-bad'])
    expect(alarm({ lastLook: null })).toEqual(['alarm-not-tested'])
  })
})
