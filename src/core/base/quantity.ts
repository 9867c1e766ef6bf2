/** What can be measured; each has its own SI unit and its own list of spellings in core/units. */
export type Dimension =
  'mass' | 'pressure' | 'gaugePressure' | 'volume' | 'temperature' | 'power' | 'energy' | 'length' | 'area' | 'duration'

/** How a quantity is shown: its dimension and the unit the trade uses for it in that place. */
export type DisplayRole =
  | 'cylinderMass'
  | 'bottleMass'
  | 'cylinderPressure'
  | 'absolutePressure'
  | 'linePressure'
  | 'liquidVolume'
  | 'temperature'
  | 'power'
  | 'energy'
  | 'altitude'
  | 'length'
  | 'run'
  | 'bore'
  | 'column'
  | 'lineVolume'
  | 'glass'
  | 'space'
  | 'area'
  | 'duration'
  | 'minutes'
  | 'days'
  | 'gasFlow'
  | 'massFlow'
  | 'airFlow'
  | 'windSpeed'
  | 'heatLoss'
  | 'heatCapacity'
  | 'temperatureStep'
  | 'concentration'
  | 'oxygen'
  | 'charge'
  | 'current'
  | 'gasVolumes'
  | 'share'
  | 'heatingValue'
  | 'count'
  | 'money'
  | 'pricePerVolume'
  | 'pricePerMass'
  | 'pricePerEnergy'
  | 'pricePerHour'
  | 'pricePerWeek'

/** A number in SI with the way it should be shown. */
export interface Quantity {
  value: number
  role: DisplayRole
  /** Toward which side it is rounded where that is safer; to the nearest when absent. */
  rounded?: 'down' | 'up'
}

/** Size of a margin: what is to spare is rounded down, what is missing up. */
export function marginSize(value: number, role: DisplayRole): Quantity {
  return { value: Math.abs(value), role, rounded: value < 0 ? 'up' : 'down' }
}

/**
 * A sentence with placeholders, so that the same finding reads in pounds or in kilograms. The owner's own
 * words go in as parts too: a name that contains a brace would otherwise be read as a placeholder.
 */
export interface Phrase {
  /** Text with `{part}` where a part belongs. */
  text: string
  parts?: Readonly<Record<string, Quantity | string>>
}
