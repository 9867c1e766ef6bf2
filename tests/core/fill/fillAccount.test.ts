import fc from 'fast-check'
import { cylinderGear, tankGear } from '@tests/gear'
import { massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { fillAccount, type FilledCylinder, fillStops, levelOfMass, meteredKg } from '@/core/fill/fillAccount'
import { formatPhrase } from '@/core/units/formatQuantity'
import { SIXTY_F_K } from '@/core/units/convert'
import { POUND_KG } from '@tests/tradeUnits'

const gallons = (number: number): number => number * 0.003785411784
const twenty = cylinderGear()
const fill = (more: Partial<FilledCylinder>): FilledCylinder => ({
  cylinder: twenty,
  beforeKg: null,
  meteredM3: null,
  stoppedBy: 'unseen',
  measuredKg: null,
  liquidK: null,
  ...more,
})

test('filled until the bleeder spat it holds the legal level, without a scale too', () => {
  // 80 % of a cylinder of 47.6 lb water capacity at 60 °F: about 19.3 lb, by NFPA 58 [from memory].
  const { netKg, by, overKg } = fillAccount(fill({ stoppedBy: 'bleeder' }))
  expect([by, overKg]).toEqual(['bleeder', null])
  expect((netKg ?? NaN) / POUND_KG).toBeCloseTo(19.4, 0)
})

test('3.0 gallons into room for 1.4 are an overfill, and the numbers do not agree', () => {
  const limitKg = gearLimitKg(twenty)
  const beforeKg = limitKg - meteredKg(gallons(1.4))
  for (const stoppedBy of fillStops) {
    const { overKg, netKg, mismatch } = fillAccount(fill({ beforeKg, meteredM3: gallons(3), stoppedBy }))
    expect((overKg ?? NaN) / POUND_KG).toBeCloseTo(1.6 * 4.24, 0)
    expect(netKg).toBeGreaterThan(limitKg)
    expect(mismatch !== null).toBe(stoppedBy === 'bleeder')
  }
  const weighed = fillAccount(fill({ beforeKg, meteredM3: gallons(3), measuredKg: limitKg }))
  expect(weighed).toMatchObject({ by: 'measured', overKg: null })
  expect(weighed.mismatch && formatPhrase(weighed.mismatch, 'us')).toMatch(
    /was measured: .* more than that\. Check what was in it before/,
  )
})

const anyFill = fc.record({
  cylinder: fc.constantFrom(twenty, tankGear(), cylinderGear({ waterCapacityKg: 10.8 })),
  beforeShare: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
  addedShare: fc.option(fc.double({ min: 0, max: 1.5, noNaN: true })),
  stoppedBy: fc.constantFrom(...fillStops),
  measuredShare: fc.option(fc.double({ min: 0, max: 1.5, noNaN: true })),
})

test('property: measured before bleeder before gallons; no number without a source; what is unknown stays so', () => {
  fc.assert(
    fc.property(anyFill, ({ cylinder, beforeShare, addedShare, stoppedBy, measuredShare }) => {
      const limitKg = fillAccount(fill({ cylinder, stoppedBy: 'bleeder' })).netKg ?? NaN
      const of = (share: number | null) => (share === null ? null : share * limitKg)
      const [beforeKg, measuredKg, addedKg] = [of(beforeShare), of(measuredShare), of(addedShare)]
      const meteredM3 = addedKg === null ? null : addedKg / meteredKg(1)
      const { netKg, by, errorKg, overKg, mismatch } = fillAccount({
        cylinder,
        beforeKg,
        meteredM3,
        stoppedBy,
        measuredKg,
        liquidK: null,
      })
      const expectedKg = beforeKg === null || addedKg === null ? null : beforeKg + addedKg
      if (measuredKg !== null) expect([netKg, by]).toEqual([measuredKg, 'measured'])
      else if (stoppedBy === 'bleeder' && by === 'bleeder') expect(netKg).toBeCloseTo(limitKg, 9)
      else if (expectedKg !== null) expect([netKg, by]).toEqual([expect.closeTo(expectedKg, 9), 'metered'])
      else expect([netKg, by, overKg, mismatch]).toEqual([null, null, null, null])
      // Gallons never make a fill look smaller than what they and the rest before come to, beyond the errors.
      if (measuredKg === null && expectedKg !== null && netKg !== null && expectedKg > limitKg * 1.1 + 1) {
        expect(overKg).not.toBeNull()
        expect(netKg).toBeCloseTo(expectedKg, 9)
      }
      if (overKg !== null) expect(overKg).toBeGreaterThan(errorKg)
      if (mismatch) expect(Math.abs((expectedKg ?? NaN) - (measuredKg ?? limitKg))).toBeGreaterThan(0.2)
    }),
    { numRuns: 500 },
  )
})

test('property: a mass kept as a level is the same mass', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 9, noNaN: true }), (netKg) => {
      const level = levelOfMass(netKg, twenty.waterCapacityKg)
      expect(massAtLevelKg('propane', twenty.waterCapacityKg, level, SIXTY_F_K)).toBeCloseTo(
        Math.max(netKg, massAtLevelKg('propane', twenty.waterCapacityKg, 0, SIXTY_F_K)),
        6,
      )
    }),
  )
})
