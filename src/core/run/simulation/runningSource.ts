import { propaneFillLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { dewPointK, saturationVapourPa } from '@/core/fluids/waterVapor'
import { energyJ, isVapourOnly, pressureOf, residueKg, startBoiling } from '@/core/vaporization/cylinderThermalState'
import type { Around } from '@/core/vaporization/drawGas'
import { wallUWPerM2K } from '@/core/vaporization/heatTransfer'
import { boilingTemperatureK } from '@/core/vaporization/propaneSaturationTable'
import { vesselBody } from '@/core/vaporization/vessel'
import type { SourceState } from './sourceDraw'
import type { CylinderOutcome, Outage, TripCylinder, TripMoment, TripSource } from './tripRun'

const FREEZING_K = 273.15

/** Of the air outside, where nobody measured it. [common practice] */
const USUAL_HUMIDITY = 0.8

/** Dew points of usual outside air, solved once a kelvin. */
const dewPoints = new Map<number, number>()

function usualDewPointK(airK: number): number {
  const at = Math.round(airK)
  let found = dewPoints.get(at)
  if (found === undefined) {
    found = dewPointK(USUAL_HUMIDITY * saturationVapourPa(at))
    dewPoints.set(at, found)
  }
  return found
}

/**
 * Whether the wet part of a cylinder’s wall carries frost: colder than freezing and than the dew point.
 *
 * @param wallK - of the liquid, and so of the wall
 * @param airK - around it, at a usual 80 % of humidity
 */
export function isFrosted(wallK: number, airK: number): boolean {
  return wallK < FREEZING_K && wallK < usualDewPointK(airK)
}

/** A source with what is written down of its cylinders. */
export interface RunningSource {
  state: SourceState
  cylinders: readonly TripCylinder[]
  needPa: number
  /** What each of its cylinders stands in; one object, written anew. */
  aroundOf: (index: number) => Around
  setAir: (outsideK: number, windMS: number, roomK: number | null) => void
  startJ: readonly number[]
  refilledKg: number[]
  broughtJ: number[]
  emptyAtS: (number | null)[]
  coldestK: number[]
  /** What was in each when cold first stopped it; null while it has not. */
  strandedKg: readonly number[] | null
  /** Highest gauge pressure of the cylinders in use. */
  inUsePa: (atmospherePa: number) => number
  inUseId: () => string | null
  /** Writes down what happened by a moment. */
  watch: (timeS: number) => void
  moments: (atmospherePa: number, outsideK: number) => TripMoment['cylinders']
}

/**
 * A source as the trip begins, its cylinders as warm as the air.
 *
 * @param source - and its settings
 * @param cylinders - that feed it
 * @param place - air at the start, its pressure, and the length of a step
 * @throws InputError for a vessel that cannot be
 */
export function startSource(
  source: TripSource,
  cylinders: readonly TripCylinder[],
  { airK, atmospherePa, stepS }: { airK: number; atmospherePa: number; stepS: number },
): RunningSource {
  const boilings = cylinders.map(({ waterCapacityKg, stands, diameterM, wallKg, massKg }) =>
    startBoiling(vesselBody({ waterCapacityKg, stands, diameterM, wallKg }), massKg, airK),
  )
  const needPa = atmospherePa + source.needGaugePa
  const isEmpty = boilings.map((boiling) => isVapourOnly(boiling) && boiling.massKg <= residueKg(boiling, needPa))
  const state: SourceState = {
    source,
    ids: cylinders.map(({ id }) => id),
    boilings,
    isEmpty,
    active: Math.max(0, isEmpty.indexOf(false)),
    changedAtS: -Infinity,
    open: [],
  }
  const site = source.site === 'on-heater' ? 'locker' : source.site
  const outside: Around = { airK, wallUWPerM2K: 0, stepS, needPa, leastK: boilingTemperatureK(needPa) }
  const onHeater: Around = { ...outside, wallUWPerM2K: wallUWPerM2K(0, 'on-heater') }
  const one: RunningSource = {
    state,
    cylinders,
    needPa,
    // Only the bottle in use hangs on the heater, in the room.
    aroundOf: (i) => (source.site === 'on-heater' && i === state.active ? onHeater : outside),
    setAir: (outsideK, windMS, roomK) => {
      outside.airK = outsideK
      outside.wallUWPerM2K = wallUWPerM2K(windMS, site)
      onHeater.airK = roomK ?? outsideK
    },
    startJ: boilings.map(energyJ),
    refilledKg: boilings.map(() => 0),
    broughtJ: boilings.map(() => 0),
    emptyAtS: boilings.map((_, i) => (isEmpty[i] ? 0 : null)),
    coldestK: boilings.map(({ temperatureK }) => temperatureK),
    strandedKg: null,
    inUsePa: (outsidePa) =>
      state.open.reduce((most, i) => {
        const boiling = boilings[i]
        return boiling ? Math.max(most, pressureOf(boiling) - outsidePa) : most
      }, 0),
    inUseId: () => {
      const [first] = state.open
      return first === undefined || isEmpty[first] ? null : (state.ids[first] ?? null)
    },
    watch: (timeS) => {
      for (let i = 0; i < boilings.length; i += 1) {
        const temperatureK = boilings[i]?.temperatureK ?? Infinity
        if (temperatureK < (one.coldestK[i] ?? Infinity)) one.coldestK[i] = temperatureK
        if (isEmpty[i] && one.emptyAtS[i] === null) one.emptyAtS[i] = timeS
      }
    },
    moments: (outsidePa, outsideK) =>
      boilings.map((boiling) => ({
        massKg: boiling.massKg,
        temperatureK: boiling.temperatureK,
        gaugePa: pressureOf(boiling) - outsidePa,
        frosted: isFrosted(boiling.temperatureK, outsideK),
      })),
  }
  return one
}

/** Fills one cylinder to its limit, at the temperature of the air. */
export function refill(sources: readonly RunningSource[], cylinderId: string, airK: number): void {
  for (const one of sources) {
    const i = one.state.ids.indexOf(cylinderId)
    const boiling = one.state.boilings[i]
    const cylinder = one.cylinders[i]
    if (!boiling || !cylinder) continue
    const limitKg = cylinder.limitKg ?? propaneFillLimitKg(cylinder.waterCapacityKg)
    if (limitKg <= boiling.massKg) continue
    const before = energyJ(boiling)
    one.refilledKg[i] = (one.refilledKg[i] ?? 0) + limitKg - boiling.massKg
    boiling.massKg = limitKg
    boiling.temperatureK = airK
    one.broughtJ[i] = (one.broughtJ[i] ?? 0) + energyJ(boiling) - before
    one.state.isEmpty[i] = false
  }
}

/** What became of every cylinder, source by source. */
export function outcomes(sources: readonly RunningSource[], outages: readonly Outage[]): CylinderOutcome[] {
  return sources.flatMap((one) => {
    const stopped = outages.some(({ sourceId, cause }) => sourceId === one.state.source.id && cause === 'cold')
    return one.state.boilings.map((boiling, i): CylinderOutcome => {
      const then = one.strandedKg?.[i] ?? boiling.massKg
      return {
        id: one.state.ids[i] ?? '',
        startKg: one.cylinders[i]?.massKg ?? 0,
        refilledKg: one.refilledKg[i] ?? 0,
        usedKg: boiling.drawnKg,
        leftKg: boiling.massKg,
        strandedKg: stopped ? Math.max(0, then - residueKg(boiling, one.needPa)) : 0,
        emptyAtS: one.emptyAtS[i] ?? null,
        coldestK: one.coldestK[i] ?? boiling.temperatureK,
        balance: {
          heatInJ: boiling.heatInJ,
          gasOutJ: boiling.gasOutJ,
          broughtJ: one.broughtJ[i] ?? 0,
          storedJ: energyJ(boiling) - (one.startJ[i] ?? 0),
        },
      }
    })
  })
}
