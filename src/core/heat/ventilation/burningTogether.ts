import { applianceTraits } from '@/core/appliances/applianceKinds'
import { clockStretches, type Stretch } from '@/core/appliances/duty'
import type { HeaterGear, PlannedBurning } from '@/core/heat/room/roomPlan'

/** One thing that burns in the room’s air, and when by the clock. */
interface RoomBurner {
  name: string
  inputW: number
  stretches: readonly Stretch[]
  /** The heater of the room that it is; null for cooktop, oven and light. */
  heater: HeaterGear | null
}

/** Step of the day: nothing that matters burns shorter. */
const STEP_S = 300
const DAY_S = 86_400
const EVENING_H = 18

/** Temperature of the tap water, for the time that washing takes. */
const WATER_K = 283.15

function stretchesOf(planned: PlannedBurning, inputW: number): readonly Stretch[] {
  const { habit, burnPerDayS } = planned
  // A thermostat may call for heat at any hour.
  if (habit?.way === 'warmth' || habit?.way === 'around') return [{ fromS: 0, lengthS: DAY_S, inputW }]
  if (habit) return clockStretches({ habit, inputW, useFactor: 1 }, WATER_K)
  return burnPerDayS > 0 ? [{ fromS: EVENING_H * 3600, lengthS: Math.min(DAY_S, burnPerDayS), inputW }] : []
}

/** Everything without a chimney that burns in a room by the plan: its heaters, and the cooktop, oven and lights. */
function burnersOf(heaters: readonly HeaterGear[], planned: readonly PlannedBurning[]): RoomBurner[] {
  const ofHeaters = heaters.map((gear): RoomBurner => {
    const { highW } = gear.heater
    const use = planned.find(({ id }) => id === gear.applianceId)
    // One whose hours nobody planned may burn at any hour, and by itself.
    return { name: gear.name, inputW: highW, heater: gear, stretches: use ? stretchesOf(use, highW) : [] }
  })
  const taken = new Set(heaters.map(({ applianceId }) => applianceId))
  const others = planned.flatMap((use): RoomBurner[] => {
    const traits = applianceTraits[use.kind ?? 'other']
    if (taken.has(use.id) || traits.isHeater || traits.exhaust !== 'room' || traits.stands !== 'inside') return []
    const inputW = use.ratedInputW ?? Math.max(use.inputW, traits.ratedInputW)
    const stretches = stretchesOf(use, inputW).map((one) => ({ ...one, inputW }))
    return [{ name: use.name ?? traits.name, inputW, heater: null, stretches }]
  })
  return [...ofHeaters, ...others]
}

function isBurning({ stretches }: RoomBurner, clockS: number): boolean {
  return stretches.some(({ fromS, lengthS }) => (((clockS - fromS) % DAY_S) + DAY_S) % DAY_S < lengthS)
}

/** What burns in a room’s air over a day by the plan. */
export interface BurningTogether {
  /** Heaters whose openings are wanted at one time. */
  heaters: readonly HeaterGear[]
  /** Names of everything that burns at that time. */
  names: readonly string[]
  /** Sum of inputs in steps of a day, from midnight on. */
  inputW: Float64Array
  stepS: number
  /** A catalytic pad among them: it burns on where a flame would go out. */
  isCatalytic: boolean
}

/**
 * What burns together in a room by the plan, with every burner on high. Two heaters count together only where the plan
 * lights them at one hour.
 *
 * @param heaters - without a chimney, in use in the room
 * @param planned - what the trip burns
 */
export function burningTogether(heaters: readonly HeaterGear[], planned: readonly PlannedBurning[]): BurningTogether {
  const burners = burnersOf(heaters, planned)
  const steps = DAY_S / STEP_S
  const inputW = new Float64Array(steps)
  let most: RoomBurner[] = []
  let mostHeaterW = 0
  for (let i = 0; i < steps; i += 1) {
    const lit = burners.filter((burner) => isBurning(burner, i * STEP_S))
    inputW[i] = lit.reduce((sum, burner) => sum + burner.inputW, 0)
    const heaterW = lit.reduce((sum, burner) => sum + (burner.heater ? burner.inputW : 0), 0)
    if (heaterW < mostHeaterW || (heaterW === mostHeaterW && lit.length <= most.length)) continue
    mostHeaterW = heaterW
    most = lit
  }
  for (const single of burners.filter(({ heater, stretches }) => heater && stretches.length === 0)) {
    for (let i = 0; i < steps; i += 1) inputW[i] = Math.max(inputW[i] ?? 0, single.inputW)
    if (single.inputW <= mostHeaterW) continue
    mostHeaterW = single.inputW
    most = [single]
  }
  return {
    heaters: most.flatMap(({ heater }) => heater ?? []),
    names: most.map(({ name }) => name),
    inputW,
    stepS: STEP_S,
    isCatalytic: most.some(({ heater }) => heater?.heater.kind === 'catalytic-panel'),
  }
}
