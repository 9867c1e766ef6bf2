import { propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { dewPointK, saturationVaporPa } from '@/core/fluids/waterVapor'
import {
  type CylinderThermalState,
  internalEnergyJ,
  isVaporOnly,
  cylinderPressurePa,
  unusableMassKg,
  cylinderAtRest,
} from '@/core/vaporization/cylinderThermalState'
import type { StepEnvironment } from '@/core/vaporization/stepCylinders'
import { heatTransferCoefficientWPerM2K } from '@/core/vaporization/heatTransfer'
import { boilingTemperatureK } from '@/core/vaporization/propaneSaturationTable'
import { vesselBody } from '@/core/vaporization/vessel'
import type { SourceState } from './drawFromSource'
import type { CylinderOutcome, Outage, TripCylinder, TripMoment, TripSource } from './tripRun'

const FREEZING_K = 273.15

/** Humidity of outside air, when not measured. [common practice] */
const USUAL_HUMIDITY = 0.8

/** Dew points of usual outside air, solved once a kelvin. */
const dewPoints = new Map<number, number>()

function usualDewPointK(airK: number): number {
  const at = Math.round(airK)
  let found = dewPoints.get(at)
  if (found === undefined) {
    found = dewPointK(USUAL_HUMIDITY * saturationVaporPa(at))
    dewPoints.set(at, found)
  }
  return found
}

/**
 * Whether the wet part of a cylinder’s wall carries frost: colder than freezing and than the dew point.
 *
 * @param wallK - temperature of the liquid and the wall
 * @param airK - around it, at a usual 80 % of humidity
 */
export function isFrosted(wallK: number, airK: number): boolean {
  return wallK < FREEZING_K && wallK < usualDewPointK(airK)
}

/** A source with the records of its cylinders. */
export interface RunningSource {
  state: SourceState
  cylinders: readonly TripCylinder[]
  needPa: number
  /** Surroundings of each cylinder; one object that is reused. */
  environmentOf: (index: number) => StepEnvironment
  setAir: (outsideK: number, windMS: number, roomK: number | null) => void
  startJ: readonly number[]
  refilledKg: number[]
  broughtJ: number[]
  emptyAtS: (number | null)[]
  coldestK: number[]
  /** Highest gauge pressure of the cylinders in use. */
  inUsePa: (atmospherePa: number) => number
  inUseId: () => string | null
  /** Records extremes up to a time. */
  watch: (timeS: number) => void
  moments: (atmospherePa: number, outsideK: number) => TripMoment['cylinders']
}

/**
 * A source at the start of the trip, its cylinders at air temperature.
 *
 * @param source - and its settings
 * @param cylinders - that feed it
 * @param place - air at the start, its pressure, and the length of a step
 * @throws InputError for an impossible vessel
 */
export function createSource(
  source: TripSource,
  cylinders: readonly TripCylinder[],
  { airK, atmospherePa, stepS }: { airK: number; atmospherePa: number; stepS: number },
): RunningSource {
  const thermals = cylinders.map(({ waterCapacityKg, stands, diameterM, wallKg, massKg }) =>
    cylinderAtRest(vesselBody({ waterCapacityKg, stands, diameterM, wallKg }), massKg, airK),
  )
  const needPa = atmospherePa + source.needGaugePa
  const isEmpty = thermals.map((thermal) => isVaporOnly(thermal) && thermal.massKg <= unusableMassKg(thermal, needPa))
  const state: SourceState = {
    source,
    ids: cylinders.map(({ id }) => id),
    thermals,
    isEmpty,
    active: Math.max(0, isEmpty.indexOf(false)),
    changedAtS: -Infinity,
    isOpen: thermals.map(() => false),
    firstOpen: -1,
    draw: { gasKg: 0, cause: null },
  }
  const site = source.site === 'on-heater' ? 'locker' : source.site
  const outside: StepEnvironment = {
    airK,
    heatTransferCoefficientWPerM2K: 0,
    stepS,
    needPa,
    leastK: boilingTemperatureK(needPa),
  }
  const onHeater: StepEnvironment = {
    ...outside,
    heatTransferCoefficientWPerM2K: heatTransferCoefficientWPerM2K(0, 'on-heater'),
  }
  let lastWindMS = NaN
  const one: RunningSource = {
    state,
    cylinders,
    needPa,
    // Only the bottle in use is attached to the heater, inside the room.
    environmentOf: (i) => (source.site === 'on-heater' && i === state.active ? onHeater : outside),
    setAir: (outsideK, windMS, roomK) => {
      outside.airK = outsideK
      onHeater.airK = roomK ?? outsideK
      if (windMS === lastWindMS) return
      outside.heatTransferCoefficientWPerM2K = heatTransferCoefficientWPerM2K(windMS, site)
      lastWindMS = windMS
    },
    startJ: thermals.map(internalEnergyJ),
    refilledKg: thermals.map(() => 0),
    broughtJ: thermals.map(() => 0),
    emptyAtS: thermals.map((_, i) => (isEmpty[i] ? 0 : null)),
    coldestK: thermals.map(({ temperatureK }) => temperatureK),
    inUsePa: (outsidePa) => {
      let mostPa = 0
      for (let i = 0; i < thermals.length; i += 1) {
        const thermal = thermals[i]
        if (thermal && state.isOpen[i]) mostPa = Math.max(mostPa, cylinderPressurePa(thermal) - outsidePa)
      }
      return mostPa
    },
    inUseId: () => {
      const { firstOpen, ids } = state
      return firstOpen === -1 || isEmpty[firstOpen] ? null : (ids[firstOpen] ?? null)
    },
    watch: (timeS) => {
      for (let i = 0; i < thermals.length; i += 1) {
        const temperatureK = thermals[i]?.temperatureK ?? Infinity
        if (temperatureK < (one.coldestK[i] ?? Infinity)) one.coldestK[i] = temperatureK
        if (isEmpty[i] && one.emptyAtS[i] === null) one.emptyAtS[i] = timeS
      }
    },
    moments: (outsidePa, outsideK) =>
      thermals.map((thermal) => ({
        massKg: thermal.massKg,
        temperatureK: thermal.temperatureK,
        gaugePa: cylinderPressurePa(thermal) - outsidePa,
        frosted: isFrosted(thermal.temperatureK, outsideK),
      })),
  }
  return one
}

/** Fills one cylinder to its limit, at the temperature of the air. */
export function refill(sources: readonly RunningSource[], cylinderId: string, airK: number): void {
  for (const one of sources) {
    const i = one.state.ids.indexOf(cylinderId)
    const thermal = one.state.thermals[i]
    const cylinder = one.cylinders[i]
    if (!thermal || !cylinder) continue
    const limitKg = cylinder.limitKg ?? propaneFillLimitKg(cylinder.waterCapacityKg)
    if (limitKg <= thermal.massKg) continue
    const before = internalEnergyJ(thermal)
    one.refilledKg[i] = (one.refilledKg[i] ?? 0) + limitKg - thermal.massKg
    thermal.massKg = limitKg
    thermal.temperatureK = airK
    one.broughtJ[i] = (one.broughtJ[i] ?? 0) + internalEnergyJ(thermal) - before
    one.state.isEmpty[i] = false
  }
}

/** Gas in a cylinder that its regulator could still use, were it warm enough. */
export function usableKg(thermal: CylinderThermalState, needPa: number): number {
  return Math.max(0, thermal.massKg - unusableMassKg(thermal, needPa))
}

/** Outcome of every cylinder, source by source. */
export function cylinderOutcomes(sources: readonly RunningSource[], outages: readonly Outage[]): CylinderOutcome[] {
  return sources.flatMap((one) => {
    const stopped = outages.some(({ sourceId, cause }) => sourceId === one.state.source.id && cause === 'cold')
    return one.state.thermals.map((thermal, i): CylinderOutcome => {
      return {
        id: one.state.ids[i] ?? '',
        startKg: one.cylinders[i]?.massKg ?? 0,
        refilledKg: one.refilledKg[i] ?? 0,
        usedKg: thermal.drawnKg,
        leftKg: thermal.massKg,
        strandedKg: stopped ? usableKg(thermal, one.needPa) : 0,
        emptyAtS: one.emptyAtS[i] ?? null,
        coldestK: one.coldestK[i] ?? thermal.temperatureK,
        balance: {
          heatInJ: thermal.heatInJ,
          gasOutJ: thermal.gasOutJ,
          broughtJ: one.broughtJ[i] ?? 0,
          storedJ: internalEnergyJ(thermal) - (one.startJ[i] ?? 0),
        },
      }
    })
  })
}
