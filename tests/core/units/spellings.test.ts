import { InputError } from '@/core/base/InputError'
import type { Dimension, DisplayRole } from '@/core/base/quantity'
import { fromUnit } from '@/core/units/convert'
import { displayRoles, unitSystems } from '@/core/units/displayRoles'
import { formatForField, formatQuantity } from '@/core/units/formatQuantity'
import { parseQuantity } from '@/core/units/parseQuantity'
import { displayLoss } from './displayLoss'

/** How people write one amount: dimension, number, unit, and spellings apart by `|`. */
const read: readonly (readonly [Dimension, number, string, string])[] = [
  [
    'mass',
    27.6,
    'oz',
    '1 lb 11.6 oz|1 lb, 11.6 oz|1 lb and 11.6 oz|1 lb & 11.6 oz|1lb11.6oz|1 pound 11.6 ounces|1 pound, 11.6 ounces|1 pound and 11.6 ounces|1 LB 11.6 OZ|1 lb. 11.6 oz.|1 lbs 11.6 ozs|27.6 oz|27.6oz|27.6 OZ.|1# 11.6 oz|1 lb + 11.6 oz|1 lb; 11.6 oz',
  ],
  [
    'mass',
    31.4,
    'lb',
    '31.4 lb|31.4lb|31.4 lbs|31.4 lbs.|31.4 LBS|31.4 pounds|31.4 Pound|31.4#|31,4 lb|+31.4 lb|  31.4   lb  |31.40 lb|31 lb 6.4 oz|31\u00a0lb\u00a06.4\u00a0oz',
  ],
  ['mass', 20, 'lb', '20 lb|20. lb|20.0 lb|20 lb 0 oz|20#|20 pounds|020 lb'],
  ['mass', 0.5, 'lb', '½ lb|1/2 lb|.5 lb|0.5 lb|,5 lb|8 oz|0 lb 8 oz'],
  [
    'mass',
    1000,
    'kg',
    '1000 kg|1 000 kg|1\u202f000 kg|1\u2009000 kg|1\u00a0000 kg|1000 kilos|1000 kilograms|1000. kg|1 000,0 kg|1 000.0 kg',
  ],
  ['mass', 17.5, 'kg', '17.5 kg|17,5 kg|17.5kg|17.5 KG|17.5 kgs|17 kg 500 g|17 kg, 500 g|17500 g|17 1/2 kg|17½ kg'],
  [
    'temperature',
    70,
    'F',
    '70 F|70F|70 °F|70°F|70º F|70 deg F|70 deg. F|70 degrees F|70 degrees Fahrenheit|70 Fahrenheit|70 degree F|70. F|70,0 °F',
  ],
  ['temperature', -4, 'F', '-4 F|−4 °F|–4 °F|minus 4 F|Minus 4 °F|minus 4 degrees F|negative 4 F|- 4 F|-4.0 °F'],
  ['temperature', -9, 'C', '-9 C|−9 °C|minus 9 C|minus 9 degrees Celsius|-9 celsius|-9 deg C|-9 centigrade|-9,0 °C'],
  [
    'power',
    9000,
    'btuh',
    '9000 BTU/h|9,000 BTU/h|9 000 BTU/h|9000 BTU/hr|9000 BTU|9,000 btus|9000 BTUH|9000 BTU per hour|9000 BTU per hr|9000 BTU per h|9000 BTU an hour|9000 Btu / h|9 kBTU|9 k BTU|9k BTU/h|9kBTU/hr|9 kBTU per hour|9 MBH|9.0 kBTU/h|9000. BTU/h|9,000.0 BTU/h',
  ],
  ['power', 2600, 'W', '2600 W|2.6 kW|2,6 kW|2600 watts|2.6 kilowatts|2 600 W|2\u202f600 W|2,600 W|2600W|2.6kW'],
  ['energy', 429000, 'btu', '429000 BTU|429,000 BTU|429 000 BTU|429 kBTU|429,000 btus'],
  ['energy', 100, 'kWh', '100 kWh|100 kilowatt hours'],
  [
    'gaugePressure',
    11,
    'inWC',
    '11 inWC|11 in WC|11 in. W.C.|11 inches water column|11 inch water column|11 in water column|11 inches of water|11 inches of water column|11 iwc|11 IWC|11 inH2O|11" WC|11" w.c.|11 in H2O|11″ WC|11 inches WC|11 inches H2O',
  ],
  ['gaugePressure', 2, 'bar', '2 bar|2 bars|2bar|2.0 bar|2,0 bar|2000 mbar|200 kPa|0.2 MPa'],
  ['gaugePressure', 37, 'mbar', '37 mbar|37 millibar|37 millibars|37 mbars|37 hPa|37mbar|3.7 kPa|3700 Pa'],
  ['gaugePressure', 15, 'psi', '15 psi|15psi|15 PSI|15 psig|15 p.s.i.|15. psi'],
  ['pressure', 188.6, 'psi', '188.6 psia|188.6 psi|188,6 psia'],
  [
    'area',
    24,
    'in2',
    '24 sq in|24 sq. in.|24 sq inches|24 square inches|24 square in|24 in2|24 in²|24 in^2|24 sqin|24 square inch',
  ],
  ['area', 155, 'cm2', '155 cm2|155 cm²|155 sq cm|155 square centimeters|155 square centimetres'],
  ['area', 2, 'ft2', '2 sq ft|2 square feet|2 sq feet|2 ft²|2 ft2|2 sq. ft.'],
  [
    'length',
    75,
    'in',
    `6 foot 3|6 ft 3|6'3|6'3"|6 ft 3 in|6 feet 3 inches|6 feet, 3 inches|6 ft. 3 in.|6′3″|6’3”|75 in|75 inches|75"|75''|6 foot 3 inches|6 feet and 3 inches`,
  ],
  ['length', 98.5, 'in', `8'2 1/2"|8' 2½"|8 ft 2 1/2 in|8 ft 2.5 in|8'2.5|8 ft 2-1/2 in|98 1/2 in|98.5"`],
  [
    'length',
    205,
    'cm',
    '205 cm|2.05 m|2,05 m|2 m 5 cm|2050 mm|205 centimeters|205 centimetres|2 m, 5 cm|2.05 meters|2.05 metres',
  ],
  ['length', 7907, 'ft', '7907 ft|7,907 ft|7 907 ft|7907 feet|7,907 feet|7907ft'],
  ['volume', 3, 'qt', '3 qt|3 qts|3 quarts|3 qt.|0.75 gal|3/4 gal|¾ gal|6 pints|6 pt|96 fl oz|96 fluid ounces'],
  ['volume', 4.7, 'gal', '4.7 gal|4.7 gals|4.7 gallons|4.7 US gal|4.7 US gallons|4,7 gal|4.7 gal.'],
  ['volume', 18, 'L', '18 L|18 l|18 liters|18 litres|18000 mL|18L|18 000 ml|18 liter'],
  ['volume', 700, 'ft3', '700 ft3|700 ft³|700 cu ft|700 cu. ft.|700 cubic feet|700 ft^3|700 cubic foot'],
  [
    'duration',
    90,
    'min',
    '1:30|1h30|1 h 30 min|1 h 30|1h30m|1 hr 30 min|1 hour 30 minutes|1 hour and 30 minutes|1 hour, 30 minutes|90 min|90 minutes|1.5 h|1,5 h|1 1/2 hours|1½ h|1:30 h|1:30:00|90 mins|1 hr 30',
  ],
  ['duration', 1000, 'min', '1000 min|1,000 min|1 000 min|1000 minutes|1000. min|16 h 40 min|16:40'],
  ['duration', 3, 'd', '3 days|3 d|72 h|72 hours|3 days 0 h'],
]

/** What is asked about, and by which words. */
const asked: readonly (readonly [Dimension, string | undefined, RegExp, string])[] = [
  ['power', 'btuh', /could mean 9000 or 9\./, '9.000 BTU|9.000 BTU/h|9.000|9.000 btu per hour'],
  ['power', 'W', /could mean 2600 or 2\.6\./, '2.600 W|2.600|2.600 watts'],
  ['energy', 'btu', /could mean 429000 or 429\./, '429.000 BTU|429.000'],
  ['mass', 'kg', /could mean 1500 or 1\.500/, '1,500 kg|1,500|1,500 kilos'],
  ['length', 'm', /could mean 2410 or 2\.410/, '2,410 m|2,410'],
  ['duration', 'min', /could be 1 h 30 min or 1 min 30 s/, '1:30'],
  ['duration', 's', /could be 2 h 15 min or 2 min 15 s/, '2:15'],
  ['duration', 'h', /begin with a number|not a unit|has no unit|by itself/, '1:75|h30|1h75|:30|1:3|2 days 24 h'],
  ['duration', undefined, /of what\?/, '90|1.5|1,5'],
  [
    'mass',
    'lb',
    /begin with a number|not a unit/,
    'about 20 lb|twenty lb|lb 20|20 stone|20 lb ish|~20 lb|minus lb|and 3 lb',
  ],
  ['mass', 'lb', /cannot be negative/, '-3 lb|minus 3 lb|−3 lb|negative 3'],
  [
    'mass',
    'lb',
    /do not go together|has no unit|by itself/,
    '1 lb 200 g|11 oz 1 lb|1 kg 3 oz|1 lb 11.6|1 lb 16 oz|2 lb, 30 oz|1 lb and 20 oz|1 lb 2 lb',
  ],
  ['mass', 'lb', /That is a volume/, '5 gallons|5 gal|3 L|20 liters|8 fl oz'],
  ['volume', 'gal', /That is a weight/, '20 lb|5 kg|3 oz|20 pounds'],
  ['pressure', 'psi', /wants absolute pressure/, '11 psig'],
  ['gaugePressure', 'psi', /wants what a gauge shows/, '188 psia'],
  ['length', 'in', /by itself|has no unit/, `6'14"|6 ft 12|2 m 5|3 cm 4`],
  ['temperature', 'F', /begin with a number|not a unit/, 'cold|70 degrees X|F 70|70 FF'],
  ['mass', 'lb', /^Enter the weight/, ' |\t'],
  ['length', 'in', /nothing can be divided by 0/, '1/0 in|1 1/0 in'],
]

const spellings = read.flatMap(([dimension, number, unit, texts]) =>
  texts.split('|').map((text) => [text, dimension, fromUnit(number, dimension, unit)] as const),
)
const refusals = asked.flatMap(([dimension, defaultUnit, words, texts]) =>
  texts.split('|').map((text) => [text, dimension, defaultUnit, words] as const),
)

test('there are 300 spellings', () => {
  expect(spellings.length + refusals.length).toBeGreaterThanOrEqual(300)
  expect(
    new Set([...spellings, ...refusals].map(([text, dimension, more]) => [text, dimension, more].join())).size,
  ).toBe(spellings.length + refusals.length)
})

test.each(spellings)('“%s” is read as a %s', (text, dimension, value) => {
  expect(Math.abs(parseQuantity(text, dimension) - value)).toBeLessThanOrEqual(1e-9 * Math.abs(value))
})

test.each(refusals)('“%s” as a %s is asked about', (text, dimension, defaultUnit, words) => {
  const parse = (): number =>
    parseQuantity(text, dimension, { ...(defaultUnit !== undefined && { defaultUnit }), path: 'field' })
  expect(parse).toThrow(InputError)
  expect(parse).toThrow(words)
})

test('whatever is shown, in a sentence or in a field, can be typed back', () => {
  for (const role of Object.keys(displayRoles) as DisplayRole[]) {
    for (const system of unitSystems) {
      const { dimension } = displayRoles[role]
      const shown = displayRoles[role][system]
      if (dimension === null || !('unit' in shown)) continue
      for (const number of [0, 0.4, 1, 1.5, 2.046, 9, 9.0004, 99.951, 999.9, 1000, 1234.5, 12_345.678, 999_999]) {
        const quantity = { value: fromUnit(number, dimension, shown.unit), role }
        const back = parseQuantity(formatQuantity(quantity, system), dimension)
        const field = parseQuantity(formatForField(quantity, system), dimension, { defaultUnit: shown.unit })
        const step = fromUnit(1, dimension, shown.unit) - fromUnit(0, dimension, shown.unit)
        const lost = displayLoss(shown, number)
        expect(Math.abs(back - quantity.value)).toBeLessThanOrEqual(step * (lost + number * 1e-12))
        expect(Math.abs(field - quantity.value)).toBeLessThanOrEqual(
          step * (shown.feetAndInches ? lost : 0.0501 * 10 ** -shown.decimals + number * 1e-12),
        )
      }
    }
  }
})
