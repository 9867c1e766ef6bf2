import fc from 'fast-check'
import { BTU_PER_HOUR_W, OUNCE_KG, POUND_KG } from '@tests/tradeUnits'
import { breakEvenFills } from '@/core/fill/cost/breakEvenFills'
import { costFigures } from '@/core/fill/cost/costFigures'
import { fillCosts, type PriceOffer } from '@/core/fill/cost/fillCosts'

const GALLON_M3 = 0.003785411784
const offer = (change: Partial<PriceOffer>): PriceOffer => ({
  id: 'a',
  place: 'A',
  way: 'by-weight',
  price: 1,
  containsKg: null,
  ...change,
})
const heaterW = 3000 * BTU_PER_HOUR_W

describe('cost of a fill', () => {
  test('metered gas: $3.78 a gallon is about 90 cents a pound', () => {
    const [cost] = fillCosts([offer({ way: 'by-volume', price: 3.78 / GALLON_M3 })], { residualKg: 0, heaterW })
    expect((cost?.perKg ?? 0) * POUND_KG).toBeCloseTo(0.9, 1)
  })
  test('an hour of a 3,000 BTU/h panel at a dollar a pound costs about 14 cents', () => {
    const [cost] = fillCosts([offer({ price: 1 / POUND_KG })], { residualKg: 0, heaterW })
    expect((cost?.perS ?? 0) * 3600).toBeCloseTo(3000 / 21_650, 3)
    expect((cost?.perJ ?? 0) * 3.6e6).toBeCloseTo(1 / (13.99 * POUND_KG), 3)
  })
  test('exchanging a half-full cylinder loses half', () => {
    const exchange = offer({ way: 'exchange', price: 24, containsKg: 15 * POUND_KG })
    const [empty] = fillCosts([exchange], { residualKg: 0, heaterW })
    const [half] = fillCosts([exchange], { residualKg: 7.5 * POUND_KG, heaterW })
    expect((half?.perKg ?? 0) / (empty?.perKg ?? 1)).toBeCloseTo(2, 9)
    expect(half?.handedOver).toBeCloseTo(12, 9)
    expect(fillCosts([exchange], { residualKg: 16 * POUND_KG, heaterW })[0]?.perKg).toBeNull()
  })
  test('cheapest first, offers without gas last', () => {
    const offers = [
      offer({ id: 'lost', way: 'exchange', price: 20, containsKg: 5 }),
      offer({ id: 'dear', price: 5 }),
      offer({ id: 'cheap', price: 2 }),
    ]
    expect(fillCosts(offers, { residualKg: 6, heaterW }).map((cost) => cost.offer.id)).toEqual([
      'cheap',
      'dear',
      'lost',
    ])
  })
  test('prices of 0 and exchanges without gas are refused at their field', () => {
    expect(() => fillCosts([offer({ price: 0 })], { residualKg: 0, heaterW })).toThrow(/price/)
    expect(() => fillCosts([offer({ way: 'exchange' })], { residualKg: 0, heaterW })).toThrow(/only 15 lb/)
    expect(() => fillCosts([], { residualKg: -1, heaterW })).toThrow(/less than zero/)
    expect(() => fillCosts([], { residualKg: 0, heaterW: 0 })).toThrow(/heat input/)
  })
  test('every figure opens to its inputs', () => {
    const [cost] = fillCosts([offer({ way: 'exchange', price: 24, containsKg: 6.8 })], { residualKg: 2, heaterW })
    if (!cost) throw new Error('none')
    const { perMass, handedOver } = costFigures(cost, 2, heaterW)
    expect(perMass?.inputs.map(({ label }) => label)).toEqual(['Price', 'Contains', 'Left in yours'])
    expect(handedOver?.basis).toBe('residue-value')
  })
})

describe('when a refillable bottle pays', () => {
  test('$45 against $7 bottles and 90-cent gas: eight fills', () => {
    const result = breakEvenFills(45, 7, 16.4 * OUNCE_KG, 0.9 / POUND_KG)
    expect(result.savedPerFill).toBeCloseTo(7 - 0.9225, 4)
    expect(result.fills).toBe(8)
  })
  test('never, where bulk gas is the dearer', () => {
    expect(breakEvenFills(45, 1, 1, 2).fills).toBeNull()
  })
  test('that many fills pay off, one fewer does not', () => {
    const money = fc.double({ min: 0.5, max: 200, noNaN: true })
    fc.assert(
      fc.property(
        money,
        money,
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (outlay, bottle, kg, perKg) => {
          const { fills, savedPerFill } = breakEvenFills(outlay, bottle, kg, perKg)
          if (fills === null) return expect(savedPerFill).toBeLessThan(0.01)
          expect(fills * savedPerFill).toBeGreaterThanOrEqual(outlay * (1 - 1e-6))
          expect((fills - 1) * savedPerFill).toBeLessThan(outlay)
        },
      ),
    )
  })
})
