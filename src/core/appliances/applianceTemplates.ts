import { fromUnit } from '@/core/units/convert'
import type { ApplianceKind, Energy, Habit } from './habit'

/** What is usual of a kind of appliance. */
export interface ApplianceTemplate {
  kind: ApplianceKind
  name: string
  inputW: number
  /** Of a standing pilot; 0 for none. */
  pilotW: number
  /** Drawn from the 12 V battery while it burns. */
  currentA: number
  /** Drawn when it runs on the battery instead of gas. */
  batteryA: number
  /** It does not burn with a flat battery. */
  needsBattery: boolean
  runsOn: readonly Energy[]
  habit: Habit
}

const btuh = (value: number): number => fromUnit(value, 'power', 'btuh')
const celsius = (value: number): number => fromUnit(value, 'temperature', 'C')
const HOUR_S = 3600

function template(
  kind: ApplianceKind,
  name: string,
  inputBtuh: number,
  habit: Habit,
  more: Partial<ApplianceTemplate> = {},
): ApplianceTemplate {
  return {
    kind,
    name,
    inputW: btuh(inputBtuh),
    pilotW: 0,
    currentA: 0,
    batteryA: 0,
    needsBattery: false,
    runsOn: ['gas', 'off'],
    habit,
    ...more,
  }
}

const hours = (number: number, fromH: number): Habit => ({ way: 'hours', burnPerDayS: number * HOUR_S, fromH })

/** Usual inputs and habits. [common practice] The appliance’s own plate takes precedence. */
export const applianceTemplates: Readonly<Record<ApplianceKind, ApplianceTemplate>> = {
  cooktop: template('cooktop', 'Cooktop', 8000, { way: 'acts', words: 'two coffees, one dinner' }),
  oven: template('oven', 'Oven', 7000, { way: 'acts', words: 'one bread' }, { pilotW: btuh(300) }),
  fridge: template(
    'fridge',
    'Absorption fridge',
    1400,
    { way: 'around' },
    {
      runsOn: ['gas', 'shore', 'battery', 'off'],
      currentA: 0.3,
      batteryA: 12,
    },
  ),
  'water-heater': template(
    'water-heater',
    'Tank water heater',
    10_000,
    { way: 'acts', words: 'two showers, dishes' },
    {
      runsOn: ['gas', 'shore', 'off'],
      pilotW: btuh(450),
    },
  ),
  tankless: template(
    'tankless',
    'Tankless water heater',
    50_000,
    { way: 'acts', words: 'two showers, dishes' },
    {
      currentA: 1,
      needsBattery: true,
    },
  ),
  furnace: template(
    'furnace',
    'Ducted furnace',
    20_000,
    { way: 'warmth', awakeK: celsius(19), asleepK: celsius(14) },
    {
      currentA: 6,
      needsBattery: true,
    },
  ),
  'panel-heater': template('panel-heater', 'Panel heater', 3000, hours(4, 18)),
  'portable-heater': template('portable-heater', 'Portable radiant', 9000, hours(1, 18)),
  'gas-light': template('gas-light', 'Gas light', 1800, hours(3, 18)),
  grill: template('grill', 'Grill', 15_000, hours(0.75, 18)),
  campfire: template('campfire', 'Gas campfire', 55_000, hours(1, 20)),
  other: template('other', 'Something else', 5000, hours(1, 18)),
}
