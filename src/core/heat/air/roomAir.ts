import { InputError } from '@/core/base/InputError'
import { requireTemperatureBetween } from '@/core/fluids/waterVapor'
import { requireRoom } from '@/core/heat/room/requireRoom'
import { airModel, type AirMoment } from './airModel'
import { MOLAR_KG } from './combustion'
import { Solver } from './odex'
import type { RoomAirInput } from './roomAirInput'

/** A threshold of the room's air and its source. */
export interface AirThreshold {
  id: string
  of: 'co2' | 'oxygen' | 'glass'
  /** ppm of CO2, or share of oxygen. */
  at: number
  words: string
  source: string
}

export const airThresholds: readonly AirThreshold[] = [
  { id: 'stuffy', of: 'co2', at: 1000, words: 'stuffy', source: 'common practice' },
  { id: 'eight-hours', of: 'co2', at: 5000, words: 'limit for an 8 h shift', source: 'OSHA' },
  { id: 'fifteen-minutes', of: 'co2', at: 30_000, words: 'limit for 15 minutes', source: 'NIOSH' },
  { id: 'danger', of: 'co2', at: 40_000, words: 'immediate danger', source: 'NIOSH' },
  { id: 'oxygen-low', of: 'oxygen', at: 0.195, words: 'oxygen deficient', source: 'OSHA' },
  {
    id: 'cut-off',
    of: 'oxygen',
    at: 0.18,
    words: 'evacuate: everybody out, then air; an oxygen cut-off trips',
    source: 'common practice',
  },
  { id: 'wet-glass', of: 'glass', at: 0, words: 'water on the glass', source: 'dew point against the pane' },
]

interface Crossing {
  mark: AirThreshold
  /** When it was first crossed; null when it was not. */
  atS: number | null
}

/** Mass balance of one gas: change in the room, net inflow, and what was produced or consumed. */
interface GasBalance {
  storedKg: number
  exchangedKg: number
  madeKg: number
}

/**
 * What happens to the heater, and to people, as oxygen runs out.
 *
 * - `cut-off`: the oxygen cut-off turned the heater off
 * - `flame-fails`: the flame has too little oxygen, and makes more carbon monoxide
 * - `flame-out`: it is out, and its gas comes unburned if nothing shuts it
 * - `evacuate`: oxygen is at 18 %: everybody out
 */
export interface AirEvent {
  atS: number
  what: 'cut-off' | 'flame-fails' | 'flame-out' | 'evacuate'
  why: string
}

export interface RoomAir {
  series: readonly AirMoment[]
  firstCrossings: readonly Crossing[]
  balances: Readonly<Record<'oxygen' | 'co2' | 'water', GasBalance>>
  /** Water left on glass and walls. */
  condensedKg: number
  propaneKg: number
  /** When the oxygen cut-off turned off the heater. */
  cutOffAtS: number | null
  /** In the order of time. */
  events: readonly AirEvent[]
}

const STEP_S = 60

const CUT_OFF_SHARE = 0.18

const HYSTERESIS_K = 0.5

const TOLERANCE = 1e-6

function valueOf(of: AirThreshold['of'], { co2Ppm, o2Fraction, dewPointK, glassK }: AirMoment): number {
  if (of === 'co2') return co2Ppm
  return of === 'oxygen' ? o2Fraction : dewPointK - glassK
}

/** First time a value passes its mark; oxygen passes it downwards. */
function crossing(mark: AirThreshold, series: readonly AirMoment[]): Crossing {
  const over = (moment: AirMoment): number => {
    const value = valueOf(mark.of, moment) - mark.at
    return mark.of === 'oxygen' ? -value : value
  }
  for (const [i, moment] of series.entries()) {
    const now = over(moment)
    if (now < 0) continue
    const before = series[i - 1]
    if (!before) return { mark, atS: moment.timeS }
    const then = over(before)
    const share = now === then ? 1 : -then / (now - then)
    return { mark, atS: before.timeS + share * (moment.timeS - before.timeS) }
  }
  return { mark, atS: null }
}

/** Warmest air that the model, and anybody in it, can bear. */
const MAX_K = 333.15

/** @throws InputError at `heaterW` when the room grows hotter than the model holds for */
function requirePlausible(series: readonly AirMoment[]): void {
  if ((series.at(-1)?.temperatureK ?? 0) <= MAX_K) return
  throw new InputError(
    'heaterW',
    'This room grows hotter than 140 °F (60 °C) with it. Enter a smaller heat input, a thermostat, or more openings.',
  )
}

function eventsOf(
  series: readonly AirMoment[],
  crossings: readonly Crossing[],
  cutOffAtS: number | null,
  isUnvented: boolean,
): AirEvent[] {
  const events: AirEvent[] = []
  const evacuateAtS = crossings.find(({ mark }) => mark.id === 'cut-off')?.atS
  if (evacuateAtS !== null && evacuateAtS !== undefined) {
    events.push({ atS: evacuateAtS, what: 'evacuate', why: 'Oxygen is at 18 %. Everybody out, then open up.' })
  }
  if (cutOffAtS !== null) {
    events.push({ atS: cutOffAtS, what: 'cut-off', why: 'The oxygen cut-off turned the heater off.' })
  }
  const lit = isUnvented ? series.filter(({ heaterW }) => heaterW > 0) : []
  const fails = lit.find((moment) => moment.burningShare < 1)
  if (fails) {
    events.push({
      atS: fails.timeS,
      what: 'flame-fails',
      why: 'The burner has too little oxygen. It makes more carbon monoxide, which is not computed.',
    })
  }
  const out = lit.find((moment) => moment.burningShare === 0)
  if (out) {
    events.push({ atS: out.timeS, what: 'flame-out', why: 'The flame is out. Unburned gas comes if nothing shuts it.' })
  }
  return events.toSorted((a, b) => a.atS - b.atS)
}

/**
 * Air and temperature of a room over some hours, as one well-mixed zone.
 *
 * Carbon monoxide is not modeled: only an alarm detects it.
 *
 * @param input - see roomAirSchema
 * @param onProgress - called with the share that is done
 * @returns a moment for each minute; when each mark was first crossed; masses that went in, were made and stayed
 * @throws InputError for an impossible room, temperatures out of range, or a heater that overheats the room
 * @see docs/models.md, "Air of the room"
 */
export function roomAir(input: RoomAirInput, onProgress: (share: number) => void = () => undefined): RoomAir {
  const room = { ...input.room, openings: input.openings ?? input.room.openings }
  requireRoom(room)
  requireTemperatureBetween(input.outside.temperatureK, 213.15, 323.15, 'outside.temperatureK')
  if (input.startK !== undefined) requireTemperatureBetween(input.startK, 213.15, 333.15, 'startK')
  if (input.thermostatK !== undefined) requireTemperatureBetween(input.thermostatK, 263.15, 313.15, 'thermostatK')
  const model = airModel(input, room)
  const solver = new Solver(model.start.length)
  solver.relativeTolerance = TOLERANCE
  solver.absoluteTolerance = TOLERANCE
  solver.initialStepSize = 1

  let state: readonly number[] = model.start
  let isOn = input.heaterW > 0
  let cutOffAtS: number | null = null
  let propaneKg = 0
  const until = input.heaterUntilS ?? Infinity
  const control = (timeS: number): number => {
    const moment = model.momentOf(timeS, state, 0)
    if (input.oxygenCutOff && !input.vented && isOn && moment.o2Fraction <= CUT_OFF_SHARE) cutOffAtS ??= timeS
    if (cutOffAtS !== null || timeS >= until || input.heaterW === 0) return 0
    if (input.thermostatK !== undefined) {
      if (moment.temperatureK > input.thermostatK + HYSTERESIS_K) isOn = false
      if (moment.temperatureK < input.thermostatK - HYSTERESIS_K) isOn = true
    }
    return isOn ? input.heaterW : 0
  }
  let heaterW = control(0)
  const series = [model.momentOf(0, state, heaterW)]
  for (let timeS = 0; timeS < input.durationS;) {
    const ends = [timeS + STEP_S, input.durationS, ...(until > timeS ? [until] : [])]
    const next = Math.min(...ends)
    const burning = heaterW
    const before = state
    state = solver.solve((_, y) => model.slopes(y, burning), timeS, state, next).y
    // By the trapezoid: what burns changes with the oxygen.
    propaneKg += ((model.propaneKgS(before, burning) + model.propaneKgS(state, burning)) / 2) * (next - timeS)
    timeS = next
    heaterW = control(timeS)
    series.push(model.momentOf(timeS, state, heaterW))
    requirePlausible(series)
    onProgress(timeS / input.durationS)
  }
  const balance = (gas: 'oxygen' | 'co2' | 'water', i: number): GasBalance => ({
    storedKg: ((state[i] ?? 0) - (model.start[i] ?? 0)) * MOLAR_KG[gas],
    exchangedKg: (state[i + 4] ?? 0) * MOLAR_KG[gas],
    madeKg: (state[i + 7] ?? 0) * MOLAR_KG[gas],
  })
  const firstCrossings = airThresholds.map((mark) => crossing(mark, series))
  return {
    series,
    firstCrossings,
    balances: { oxygen: balance('oxygen', 0), co2: balance('co2', 1), water: balance('water', 2) },
    condensedKg: (state[10] ?? 0) * MOLAR_KG.water,
    propaneKg,
    cutOffAtS,
    events: eventsOf(series, firstCrossings, cutOffAtS, input.heaterW > 0 && !input.vented),
  }
}
