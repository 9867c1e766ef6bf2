import type { Dimension } from '@/core/base/quantity'
import type { DimensionUnits, Misnomer, Unit } from './unit'

const POUND_KG = 0.45359237

const INCH_M = 0.0254

const FOOT_M = 12 * INCH_M

const PSI_PA = (POUND_KG * 9.80665) / (INCH_M * INCH_M)

// BTU by the international table, as the gas trade uses it.
const BTU_J = 1055.05585262

const HOUR_S = 3600

const btuPerHour = ['btu', 'btus', 'btuh'].concat(
  ['btu', 'btus'].flatMap((btu) =>
    ['/h', '/hr', '/hour', 'perh', 'perhr', 'perhour', 'anhour'].map((per) => btu + per),
  ),
)

const gaugeLabels: Misnomer = {
  spellings: ['psig'],
  message: 'This field wants absolute pressure; psig is what a gauge shows. Add the air pressure and write psia.',
}

const absoluteLabels: Misnomer = {
  spellings: ['psia'],
  message: 'This field wants what a gauge shows; psia counts the air as well. Take the air pressure off and write psi.',
}

const waterColumnSpellings = ['in', 'inch', 'inches', '"']
  .flatMap((inch) => ['wc', 'h2o', 'watercolumn', 'water', 'ofwater', 'ofwatercolumn'].map((water) => inch + water))
  .concat('iwc')

function pressureUnits(psiSpellings: readonly string[]): Readonly<Record<string, Unit>> {
  return {
    Pa: { symbol: 'Pa', factor: 1, spellings: ['pa'], family: 'metric' },
    kPa: { symbol: 'kPa', factor: 1000, spellings: ['kpa'], family: 'metric' },
    MPa: { symbol: 'MPa', factor: 1e6, spellings: ['mpa'], family: 'metric' },
    mbar: {
      symbol: 'mbar',
      factor: 100,
      spellings: ['mbar', 'mbars', 'millibar', 'millibars', 'hpa'],
      family: 'metric',
    },
    bar: { symbol: 'bar', factor: 1e5, spellings: ['bar', 'bars'], family: 'metric' },
    psi: { symbol: 'psi', factor: PSI_PA, spellings: psiSpellings, family: 'us' },
    // Water at 4 °C (39.2 °F), NIST SP 811 table B.8.
    inWC: {
      symbol: 'inWC',
      factor: 249.082,
      spellings: waterColumnSpellings,
      family: 'us',
    },
  }
}

/**
 * Every unit the program understands, by dimension. Factors are the exact definitions of
 * NIST Special Publication 811 (2008), appendix B, unless a comment says otherwise.
 */
export const unitTable: Readonly<Record<Dimension, DimensionUnits>> = {
  mass: {
    noun: 'weight',
    example: '31.4 lb, 1 lb 11.6 oz or 17 kg',
    mayBeNegative: false,
    units: {
      kg: {
        symbol: 'kg',
        factor: 1,
        spellings: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'],
        family: 'metric',
        minor: 'g',
      },
      g: { symbol: 'g', factor: 0.001, spellings: ['g', 'gr', 'gram', 'grams'], family: 'metric' },
      lb: {
        symbol: 'lb',
        factor: POUND_KG,
        spellings: ['lb', 'lbs', 'pound', 'pounds', '#'],
        family: 'us',
        minor: 'oz',
      },
      oz: { symbol: 'oz', factor: POUND_KG / 16, spellings: ['oz', 'ozs', 'ounce', 'ounces'], family: 'us' },
    },
    misnomers: [
      {
        spellings: ['gal', 'gals', 'gallon', 'gallons', 'l', 'liter', 'litre', 'liters', 'litres', 'floz'],
        message: 'That is a volume. This field takes a weight, such as 31.4 lb or 17 kg.',
      },
    ],
  },
  pressure: {
    noun: 'absolute pressure',
    example: '188.6 psia or 1300 kPa',
    mayBeNegative: false,
    units: pressureUnits(['psi', 'psia']),
    misnomers: [gaugeLabels],
  },
  gaugePressure: {
    noun: 'pressure',
    example: '11 inWC, 15 psi or 28 mbar',
    mayBeNegative: true,
    units: pressureUnits(['psi', 'psig']),
    misnomers: [absoluteLabels],
  },
  volume: {
    noun: 'volume',
    example: '4.7 gal or 18 L',
    mayBeNegative: false,
    units: {
      m3: {
        symbol: 'm³',
        factor: 1,
        spellings: ['m3', 'm^3', 'cubicmeter', 'cubicmetre', 'cubicmeters', 'cubicmetres'],
        family: 'metric',
      },
      L: { symbol: 'L', factor: 0.001, spellings: ['l', 'liter', 'litre', 'liters', 'litres'], family: 'metric' },
      mL: { symbol: 'mL', factor: 1e-6, spellings: ['ml', 'cm3', 'cm^3', 'cc'], family: 'metric' },
      gal: {
        symbol: 'gal',
        factor: 0.003785411784,
        spellings: ['gal', 'gals', 'gallon', 'gallons', 'usgal', 'usgallon', 'usgallons'],
        family: 'us',
      },
      qt: {
        symbol: 'qt',
        factor: 0.003785411784 / 4,
        spellings: ['qt', 'qts', 'quart', 'quarts'],
        family: 'us',
      },
      pt: { symbol: 'pt', factor: 0.003785411784 / 8, spellings: ['pt', 'pts', 'pint', 'pints'], family: 'us' },
      ft3: {
        symbol: 'ft³',
        factor: FOOT_M ** 3,
        spellings: ['ft3', 'ft^3', 'cuft', 'cubicfoot', 'cubicfeet'],
        family: 'us',
      },
      floz: {
        symbol: 'fl oz',
        factor: 0.003785411784 / 128,
        spellings: ['floz', 'fluidounce', 'fluidounces'],
        family: 'us',
      },
      in3: {
        symbol: 'in³',
        factor: INCH_M ** 3,
        spellings: ['in3', 'in^3', 'cuin', 'cubicinch', 'cubicinches'],
        family: 'us',
      },
    },
    misnomers: [
      {
        spellings: ['kg', 'lb', 'lbs', 'oz', 'pound', 'pounds'],
        message: 'That is a weight. This field takes a volume, such as 4.7 gal or 18 L.',
      },
    ],
  },
  temperature: {
    noun: 'temperature',
    example: '52 °F or 11 °C',
    mayBeNegative: true,
    units: {
      K: { symbol: 'K', factor: 1, spellings: ['k', 'kelvin'], family: 'metric' },
      C: {
        symbol: '°C',
        factor: 1,
        offset: 273.15,
        spellings: ['c', '°c', 'degc', 'degreesc', 'degreec', 'degreescelsius', 'celsius', 'centigrade'],
        family: 'metric',
      },
      F: {
        symbol: '°F',
        factor: 5 / 9,
        offset: 459.67 * (5 / 9),
        spellings: ['f', '°f', 'degf', 'degreesf', 'degreef', 'degreesfahrenheit', 'fahrenheit'],
        family: 'us',
      },
    },
  },
  power: {
    noun: 'heat input',
    example: '9,000 BTU/h or 2.6 kW',
    mayBeNegative: false,
    units: {
      W: { symbol: 'W', factor: 1, spellings: ['w', 'watt', 'watts'], family: 'metric', inThousands: true },
      kW: { symbol: 'kW', factor: 1000, spellings: ['kw', 'kilowatt', 'kilowatts'], family: 'metric' },
      // "9,000 BTU" for a burner means per hour.
      btuh: {
        symbol: 'BTU/h',
        factor: BTU_J / HOUR_S,
        spellings: btuPerHour,
        family: 'us',
        inThousands: true,
      },
      // MBH is a thousand BTU an hour; M is the Roman thousand there.
      kbtuh: {
        symbol: 'kBTU/h',
        factor: (1000 * BTU_J) / HOUR_S,
        spellings: [...btuPerHour.map((spelling) => `k${spelling}`), 'mbh'],
        family: 'us',
      },
    },
  },
  energy: {
    noun: 'amount of heat',
    example: '350,000 BTU or 100 kWh',
    mayBeNegative: false,
    units: {
      J: { symbol: 'J', factor: 1, spellings: ['j', 'joule', 'joules'], family: 'metric' },
      MJ: { symbol: 'MJ', factor: 1e6, spellings: ['mj'], family: 'metric' },
      Wh: { symbol: 'Wh', factor: HOUR_S, spellings: ['wh', 'watthour', 'watthours'], family: 'metric' },
      kWh: {
        symbol: 'kWh',
        factor: 1000 * HOUR_S,
        spellings: ['kwh', 'kilowatthour', 'kilowatthours'],
        family: 'metric',
      },
      btu: { symbol: 'BTU', factor: BTU_J, spellings: ['btu', 'btus'], family: 'us', inThousands: true },
      kbtu: { symbol: 'kBTU', factor: 1000 * BTU_J, spellings: ['kbtu', 'kbtus'], family: 'us' },
    },
  },
  length: {
    noun: 'length',
    example: `8'2", 1 1/2 in or 45 cm`,
    mayBeNegative: true,
    units: {
      m: {
        symbol: 'm',
        factor: 1,
        spellings: ['m', 'meter', 'metre', 'meters', 'metres'],
        family: 'metric',
        minor: 'cm',
      },
      cm: {
        symbol: 'cm',
        factor: 0.01,
        spellings: ['cm', 'centimeter', 'centimetre', 'centimeters', 'centimetres'],
        family: 'metric',
        minor: 'mm',
      },
      mm: {
        symbol: 'mm',
        factor: 0.001,
        spellings: ['mm', 'millimeter', 'millimetre', 'millimeters', 'millimetres'],
        family: 'metric',
      },
      ft: {
        symbol: 'ft',
        factor: FOOT_M,
        spellings: ['ft', 'foot', 'feet', "'"],
        family: 'us',
        minor: 'in',
        takesBareMinor: true,
      },
      in: { symbol: 'in', factor: INCH_M, spellings: ['in', 'inch', 'inches', '"'], family: 'us' },
    },
  },
  area: {
    noun: 'area',
    example: '24 sq in or 155 cm2',
    mayBeNegative: false,
    units: {
      m2: {
        symbol: 'm²',
        factor: 1,
        spellings: ['m2', 'm^2', 'sqm', 'squaremeter', 'squaremeters', 'squaremetre', 'squaremetres'],
        family: 'metric',
      },
      cm2: {
        symbol: 'cm²',
        factor: 1e-4,
        spellings: ['cm2', 'cm^2', 'sqcm', 'squarecentimeters', 'squarecentimetres'],
        family: 'metric',
      },
      in2: {
        symbol: 'sq in',
        factor: INCH_M ** 2,
        spellings: ['in2', 'in^2', 'sqin', 'sqinch', 'sqinches', 'squarein', 'squareinch', 'squareinches'],
        family: 'us',
      },
      ft2: {
        symbol: 'sq ft',
        factor: FOOT_M ** 2,
        spellings: ['ft2', 'ft^2', 'sqft', 'sqfeet', 'squareft', 'squarefoot', 'squarefeet'],
        family: 'us',
      },
    },
  },
  duration: {
    noun: 'time',
    example: '2.5 h or 1 h 30 min',
    mayBeNegative: false,
    units: {
      s: {
        symbol: 's',
        factor: 1,
        spellings: ['s', 'sec', 'secs', 'second', 'seconds'],
        family: 'metric',
        inThousands: true,
      },
      min: {
        symbol: 'min',
        factor: 60,
        spellings: ['min', 'mins', 'm', 'minute', 'minutes'],
        family: 'metric',
        minor: 's',
        inThousands: true,
      },
      h: {
        symbol: 'h',
        factor: HOUR_S,
        spellings: ['h', 'hr', 'hrs', 'hour', 'hours'],
        family: 'metric',
        minor: 'min',
        takesBareMinor: true,
      },
      d: { symbol: 'days', factor: 24 * HOUR_S, spellings: ['d', 'day', 'days'], family: 'metric', minor: 'h' },
    },
  },
}

/**
 * Looks a unit up by its key in the table.
 *
 * @param unitKey - key in the unit table, such as `lb`
 * @throws RangeError for a key the table does not have: a bug, not bad input, not of the owner
 */
export function unitOf(dimension: Dimension, unitKey: string): Unit {
  const unit = unitTable[dimension].units[unitKey]
  if (!unit) throw new RangeError(`No unit ${unitKey} in ${dimension}`)
  return unit
}
