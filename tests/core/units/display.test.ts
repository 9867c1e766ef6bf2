import fc from 'fast-check'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import { fromInches, fromUnit } from '@/core/units/convert'
import { displayRoles, fromShown, unitSystems } from '@/core/units/displayRoles'
import { formatForField, formatQuantity, quantityParts } from '@/core/units/formatQuantity'
import { parseQuantity } from '@/core/units/parseQuantity'
import { basis, type BasisId } from '@/core/rules/basis/basis'
import { figureQuantity, formatFigure } from '@/core/rules/formatFigure'

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ')
const us = (quantity: Quantity): string => plain(formatQuantity(quantity, 'us'))
const metric = (quantity: Quantity): string => plain(formatQuantity(quantity, 'metric'))

describe('numbers as a person would use them', () => {
  test.each<[number, string]>([
    [0, '0 in'],
    [0.25, '¼ in'],
    [2.5, '2½ in'],
    [4, '4 in'],
    [11.9, '1 ft'],
    [30, '2 ft 6 in'],
    [36.75, '3 ft ¾ in'],
    [141.73, '11 ft 9¾ in'],
    [-2.5, '−2½ in'],
    [-30.1, '−2 ft 6 in'],
  ])('%f inches: %s', (inches, words) => {
    expect(us({ value: fromInches(inches), role: 'length' })).toBe(words)
  })

  test('lengths in whole centimeters', () => {
    expect(metric({ value: 3.604, role: 'length' })).toBe('360 cm')
  })

  test.each<[number, string, string]>([
    [12_345, '12,300 BTU/h', '3.62 kW'],
    [9000, '9,000 BTU/h', '2.64 kW'],
    [999.6, '1,000 BTU/h', '0.29 kW'],
    [64_250, '64,300 BTU/h', '18.8 kW'],
    [0, '0 BTU/h', '0.00 kW'],
  ])('heat in three digits: %f BTU/h', (btuh, inUs, inMetric) => {
    const quantity = { value: fromUnit(btuh, 'power', 'btuh'), role: 'power' } as const
    expect([us(quantity), metric(quantity)]).toEqual([inUs, inMetric])
  })

  test('a limit is rounded toward safety, but for what stamps and units round off', () => {
    const pounds = (value: number, rounded: Quantity['rounded']) =>
      us({ value: fromUnit(value, 'mass', 'lb'), role: 'cylinderMass', ...(rounded && { rounded }) })
    expect([pounds(19.96, undefined), pounds(19.96, 'down'), pounds(19.94, 'up')]).toEqual([
      '20.0 lb',
      '19.9 lb',
      '20.0 lb',
    ])
    // 42 % of a water capacity stamped 47.6 lb is a hair less than the 20 lb of its name.
    expect(pounds(47.6 * 0.42, 'down')).toBe('20.0 lb')
    expect(us({ value: fromInches(3.95), role: 'length', rounded: 'down' })).toBe('3¾ in')
    expect(us({ value: fromInches(4.05), role: 'length', rounded: 'up' })).toBe('4¼ in')
    expect(us({ value: fromInches(4), role: 'length', rounded: 'up' })).toBe('4 in')
  })

  test('property: a rounded limit is never more, or less, than its value by over a tenth of the last place', () => {
    const measured = (Object.keys(displayRoles) as DisplayRole[]).filter((role) => {
      return displayRoles[role].dimension !== null && role !== 'temperature'
    })
    fc.assert(
      fc.property(
        fc.constantFrom(...measured),
        fc.constantFrom(...unitSystems),
        fc.double({ min: 0.3, max: 5000, noNaN: true }),
        (role, system, shown) => {
          const { dimension } = displayRoles[role]
          const unit = displayRoles[role][system]
          if (dimension === null || !('unit' in unit)) return
          const value = fromShown(shown, role, system)
          const back = (rounded: 'down' | 'up'): number =>
            parseQuantity(formatQuantity({ value, role, rounded }, system), dimension)
          const digits = unit.digits ? Math.floor(Math.log10(shown)) - unit.digits + 1 : -Infinity
          const place = unit.feetAndInches
            ? 0.25 / (unit.unit === 'ft' ? 12 : 1)
            : 10 ** Math.max(-unit.decimals, digits)
          const slack = fromShown(place * 0.1001, role, system) - fromShown(0, role, system)
          expect(back('down')).toBeLessThanOrEqual(value + slack)
          expect(back('up')).toBeGreaterThanOrEqual(value - slack)
        },
      ),
    )
  })
})

describe('fields', () => {
  test('inches as typed in tenths or eighths; centimeters to the quarter', () => {
    const field = (meters: number): string => formatForField({ value: meters, role: 'length' }, 'us')
    expect([field(fromInches(2.6)), field(fromInches(3.375)), field(3.6), field(0.1)]).toEqual([
      '2.6',
      '3.375',
      '141.75',
      '4',
    ])
  })

  test('property: a round number of the unit shown is shown as that number', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(displayRoles) as DisplayRole[])),
        fc.constantFrom(...unitSystems),
        fc.integer({ min: 1, max: 900 }),
        (role, system, number) => {
          expect(formatForField({ value: fromShown(number, role, system), role }, system)).toBe(String(number))
        },
      ),
    )
  })
})

describe('figures', () => {
  test('an estimate says “about”, and its basis says how far off it may be', () => {
    const quantity = { value: 9.04 * 3600, role: 'duration' } as const
    expect(plain(formatFigure({ basis: 'runtime', quantity }, 'us'))).toBe('about 9.0 h')
    expect(plain(formatFigure({ basis: 'hours-per-day', quantity }, 'us'))).toBe('9.0 h')
    for (const id of Object.keys(basis) as BasisId[]) {
      const entry: { range?: string; provenance: string } = basis[id]
      // What the owner entered or the stamp says is no estimate, unless it is read off a dial or learned.
      if (entry.range === undefined) continue
      expect(entry.range).toMatch(/^[A-Z0-9].*\.$/)
    }
  })

  test('a limit is rounded by its basis: what is at most down, what is at least up', () => {
    const kg = (value: number) => ({ value, role: 'cylinderMass' }) as const
    expect(figureQuantity({ basis: 'stop-weight', quantity: kg(1) }).rounded).toBe('down')
    expect(figureQuantity({ basis: 'area-needed', quantity: { value: 1, role: 'area' } }).rounded).toBe('up')
    expect(figureQuantity({ basis: 'net-by-weight', quantity: kg(1) }).rounded).toBeUndefined()
    // A figure that says itself which way counts first: what lacks is rounded up.
    const lacks = { value: 0.1, role: 'length', rounded: 'up' } as const
    expect(figureQuantity({ basis: 'clearance', quantity: lacks }).rounded).toBe('up')
  })

  test('number and unit apart', () => {
    expect(quantityParts({ value: fromInches(30), role: 'length' }, 'us')).toEqual({
      number: '2\u00a0ft\u00a06',
      unit: 'in',
    })
  })
})
