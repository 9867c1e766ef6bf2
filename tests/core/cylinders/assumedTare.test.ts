import fc from 'fast-check'
import { cylinderGear, NOW, TODAY } from '@tests/gear'
import { POUND_KG } from '@tests/tradeUnits'
import { assumed } from '@/core/base/provenance'
import { contentsSlip } from '@/core/cylinders/contents/contentsSlip'
import { contentsInput, gearContents } from '@/core/cylinders/contents/gearContents'
import { weighedEmptySource } from '@/core/cylinders/contents/tareSource'
import { type CylinderGear, usedTareKg } from '@/core/cylinders/cylinderGear'
import { cylinderFindings } from '@/core/cylinders/fitness/cylinderFindings'
import { vesselFitness } from '@/core/cylinders/fitness/vesselFitness'
import { gearLimitKg, stopWeightKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { assumedSources, typicalSizes } from '@/core/cylinders/typicalSizes'
import { stopWeightSlip } from '@/core/fill/stopWeightSlip'
import { cardCylinders } from '@/core/trip/card/cardBlocks'

/** A gear picked by its picture, weighed once. */
function picked(sizeId: string, grossKg: number): CylinderGear {
  const size = typicalSizes.find(({ id }) => id === sizeId)
  if (!size) throw new Error('no such size')
  const { kind, tareKg, waterCapacityKg, labelNetKg } = size
  const lastWeighing = { grossKg, hangingKg: 0, weighedAt: NOW }
  return cylinderGear({ kind, tareKg, waterCapacityKg, labelNetKg, sources: assumedSources(size), lastWeighing })
}

/** Common practice: a 20 lb cylinder weighs 9 lb in composite and up to 19.5 lb in steel. */
test('a 20 lb cylinder picked by its picture counts the heavy end', () => {
  const gear = picked('removable-20', 30 * POUND_KG)
  expect((gearContents(gear)?.netKg ?? 0) / POUND_KG).toBeCloseTo(10.5, 9)
  expect(usedTareKg(gear, 30 * POUND_KG) / POUND_KG).toBeCloseTo(19.5, 9)
  expect(gear.sources?.tareKg).toMatchObject({ source: 'assumed' })
  expect((gear.sources?.tareKg?.lowest ?? 0) / POUND_KG).toBeCloseTo(9, 9)
  const [found] = cylinderFindings(gear, NOW).filter(({ code }) => code === 'tare-not-read')
  expect(found?.severity).toBe('fix-first')
})

test('nothing assumed is called stamped, and no stop weight is given anywhere', () => {
  const gear = picked('removable-20', 30 * POUND_KG)
  const slip = contentsSlip(contentsInput(gear, { grossKg: 13, hangingKg: 0 }), false, gear.sources)
  expect(slip.lines.at(-1)).toMatchObject({
    label: 'Tare',
    figure: { basis: 'tare-assumed', source: { source: 'assumed' } },
  })
  expect(stopWeightKg(gear, gearLimitKg(gear))).toBeNull()
  expect(() => stopWeightSlip(gear, { hangingKg: 0, grossKg: null, liquidTemperatureK: 288.7, share: 1 })).toThrow(
    /Nobody read its tare/,
  )
  expect(vesselFitness(gear, TODAY).fill.reasons).toContainEqual(
    expect.objectContaining({ about: 'tare', answer: 'ask' }),
  )
  expect(JSON.stringify(cardCylinders([gear], TODAY))).not.toContain('"stop"')
})

test('a scale that shows less than the heavy end says that the vessel is lighter, and holds nothing for certain', () => {
  expect(gearContents(picked('removable-20', 12 * POUND_KG))?.netKg).toBe(0)
  // Lighter than any such cylinder: the reading is wrong.
  expect(gearContents(picked('removable-20', 8 * POUND_KG))).toBeNull()
})

test('one weighed empty keeps a stop weight under what a stamp would allow', () => {
  const scaleKg = 18 * POUND_KG
  const source = weighedEmptySource('removable', scaleKg, 47.6 * POUND_KG)
  const gear = cylinderGear({ tareKg: scaleKg, sources: { tareKg: source } })
  const vaporLb = (scaleKg - (source.lowest ?? scaleKg)) / POUND_KG
  // Common practice: 0.15 to 0.8 lb of vapor is still in it.
  expect(vaporLb).toBeGreaterThan(0.15)
  expect(vaporLb).toBeLessThan(0.8)
  expect(stopWeightKg(gear, 9)).toBeCloseTo((source.lowest ?? 0) + 9, 9)
})

test('property: an assumed tare never counts more gas than a tare of its range, and never gives a stop weight', () => {
  const sizes = fc.constantFrom(...typicalSizes.map(({ id }) => id))
  fc.assert(
    fc.property(
      sizes,
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (id, share, at) => {
        const size = typicalSizes.find((one) => one.id === id)
        if (!size) return
        const [lightKg, heavyKg] = size.tareRangeKg
        const trueTareKg = lightKg + (heavyKg - lightKg) * at
        const trueNetKg = share * gearLimitKg(size)
        const gear = picked(id, trueTareKg + trueNetKg)
        expect(gearContents(gear)?.netKg ?? 0).toBeLessThanOrEqual(trueNetKg + 1e-9)
        expect(stopWeightKg(gear, gearLimitKg(gear))).toBeNull()
      },
    ),
  )
})

test('a range is kept as it is stated', () => {
  expect(assumed(1, 2)).toEqual({ source: 'assumed', lowest: 1, highest: 2 })
  expect(assumed()).toEqual({ source: 'assumed' })
})
