import { InputError } from '@/core/base/InputError'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { batteryStep, startBattery } from '@/core/run/battery/battery'
import { hourlyWeather } from '@/core/run/weather/forecast'
import { clockHourOf, tripLengthS } from '@/core/time/tripClock'
import { demandModel, type DemandContext } from './demandModel'
import { createSource, refill, cylinderOutcomes, type RunningSource, usableKg } from './runningSource'
import { drawFromSource } from './drawFromSource'
import { outageRecorder, tripRecorder } from './tripRecorder'
import {
  tripSourceSchema,
  type TripRunInput,
  type TripSource,
  type Perturbation,
  type CylinderOutcome,
  type SideChange,
  type SourceMoment,
  type TripRun,
  type WeakMoment,
} from './tripRun'

/**
 * Sources of a trip: those listed, and one for each further source that a cylinder names.
 *
 * @param input - of the trip
 */
function tripSources({ sources, cylinders, changeover }: TripRunInput): TripSource[] {
  const named = new Set(sources.map(({ id }) => id))
  const others = [...new Set(cylinders.map(({ sourceId }) => sourceId))].filter((id) => !named.has(id))
  return [...sources, ...others.map((id) => tripSourceSchema.parse({ id, changeover }))]
}

/** Kept by no step that is not due; one object, so that such a step allocates nothing. */
const NO_MOMENTS: SourceMoment[] = []

/** Gas in all cylinders of a source that its regulator could still use. */
function leftInKg({ state, needPa }: RunningSource): number {
  return state.thermals.reduce((sum, thermal) => sum + usableKg(thermal, needPa), 0)
}

/** Smallest share of the demand that counts as met. */
const BURNS = 0.95

/**
 * Simulates a trip: demand, delivery of the cold cylinders, and outages.
 *
 * @param input - see tripRunSchema
 * @param chance - perturbation of this run, which then keeps no series; null for the plan itself
 * @returns a series, outages with their cause, what is used, left and stranded
 * @throws InputError for an appliance on a source without cylinders, or an impossible vessel
 * @see docs/models.md, “A trip hour by hour”
 */
export function runTrip(input: TripRunInput, chance: Perturbation | null = null): TripRun {
  const { nights, stepS, rig, battery } = input
  const sources = tripSources(input)
  const atmospherePa = standardAtmospherePa(input.altitudeM)
  const weatherOf = hourlyWeather(input.forecast)
  // One object for all steps: it holds the weather of the last time that was asked for.
  const air = { temperatureK: 0, windMS: 0 }
  const readWeather = (timeS: number): void => {
    weatherOf(timeS, air)
    if (chance === null) return
    air.temperatureK += chance.offsetK(timeS)
    air.windMS = Math.min(50, air.windMS * chance.windFactor)
  }
  readWeather(0)
  const startK = air.temperatureK
  const startH = clockHourOf(input.startISO)
  const running: RunningSource[] = sources.map((source) =>
    createSource(
      source,
      input.cylinders.filter(({ sourceId }) => sourceId === source.id),
      { airK: startK, atmospherePa, stepS },
    ),
  )
  for (const [i, { sourceId }] of input.appliances.entries()) {
    if (!running.some(({ state }) => state.source.id === sourceId)) {
      throw new InputError(`appliances.${i}.sourceId`, 'No cylinder feeds this appliance.')
    }
  }
  const household = demandModel(input, chance)
  const outages = outageRecorder()
  // Whole steps: the end of a trip whose clock changes by half an hour may lie within one.
  const endS = Math.round(Math.min(tripLengthS(input.clockChanges, nights), input.lastsS ?? Infinity) / stepS) * stepS
  const recorder = tripRecorder(endS, stepS)
  const changes: SideChange[] = []
  const watch = { timeS: 0, awake: true, getUp: input.getUp, changes }
  const context: DemandContext = { timeS: 0, outsideK: startK, roomK: null, isFlat: false }
  const refills = [...input.refills].sort((a, b) => a.atS - b.atS)
  const heating = heatingValueJPerKg()
  const count = input.appliances.length
  const ofSource = running.map(({ state }) =>
    input.appliances.flatMap(({ sourceId }, i) => (sourceId === state.source.id ? [i] : [])),
  )
  const wantedW = new Float64Array(count)
  const givenW = new Float64Array(count)
  const chargeC = new Float64Array(count)
  const shares = new Float64Array(count)
  let roomK = rig ? startK : null
  let charge = battery ? startBattery(battery) : null
  let weak: WeakMoment | null = null

  for (let timeS = 0; timeS < endS; timeS += stepS) {
    const afterS = timeS + stepS
    while (refills[0] && refills[0].atS <= timeS) {
      readWeather(timeS)
      refill(running, refills[0].cylinderId, air.temperatureK)
      refills.shift()
    }
    readWeather(timeS + stepS / 2)
    const outsideK = air.temperatureK
    const { windMS } = air
    context.timeS = timeS
    context.outsideK = outsideK
    context.roomK = roomK
    context.isFlat = charge?.isFlat ?? false
    const step = household.at(context)
    watch.timeS = timeS
    watch.awake = step.awake
    const isDue = chance === null && recorder.isDue(afterS)
    const moments: SourceMoment[] = isDue ? [] : NO_MOMENTS
    for (let k = 0; k < running.length; k += 1) {
      const one = running[k]
      if (!one) continue
      const { source } = one.state
      const mine = ofSource[k] ?? []
      let wantW = 0
      for (const i of mine) wantW += step.wantW[i] ?? 0
      const mayW = source.ratedW === null ? wantW : Math.min(wantW, source.ratedW)
      one.setAir(outsideK, windMS, roomK)
      const drawn = drawFromSource(one.state, (mayW / heating) * stepS, one.environmentOf, watch)
      const drawnW = (drawn.gasKg * heating) / stepS
      const share = wantW > 0 ? drawnW / wantW : 1
      for (const i of mine) shares[i] = share
      if (share < BURNS) {
        const cause = drawn.cause ?? 'regulator'
        const outage =
          outages.extend(source.id, cause, timeS, stepS) ?? outages.begin(source.id, cause, timeS, stepS, leftInKg(one))
        outage.missingKg += ((wantW - drawnW) / heating) * stepS
        for (const i of mine) if ((step.wantW[i] ?? 0) > 0) outage.appliances.add(input.appliances[i]?.id ?? '')
      }
      one.watch(afterS)
      const isWeighed = wantW > 0 && share >= BURNS
      if (!isWeighed && !isDue) continue
      const gaugePa = one.inUsePa(atmospherePa)
      const marginPa = gaugePa - source.needGaugePa
      if (isWeighed && (weak === null || marginPa < weak.marginPa)) {
        weak = { sourceId: source.id, atS: afterS, gaugePa, marginPa }
      }
      if (isDue) moments.push({ gaugePa, inUseId: one.inUseId(), wantedW: wantW, givenW: drawnW })
    }
    for (let i = 0; i < count; i += 1) {
      const wantW = step.wantW[i] ?? 0
      const lostW = step.lostW[i] ?? 0
      wantedW[i] = (wantedW[i] ?? 0) + wantW + lostW
      givenW[i] = (givenW[i] ?? 0) + wantW * (shares[i] ?? 1)
      chargeC[i] = (chargeC[i] ?? 0) + (step.currentsA[i] ?? 0) * stepS
      const appliance = input.appliances[i]
      if (lostW > 0 && appliance) {
        const missingKg = (lostW / heating) * stepS
        const { sourceId } = appliance
        const outage =
          outages.extend(sourceId, 'battery', timeS, stepS) ?? outages.begin(sourceId, 'battery', timeS, stepS, 0)
        outage.missingKg += missingKg
        outage.appliances.add(appliance.id)
      }
    }
    if (roomK !== null) roomK = household.roomAfterK(outsideK, roomK, shares)
    if (charge && battery) charge = batteryStep(battery, charge, step, timeS, stepS)
    if (isDue) {
      recorder.keep({
        timeS: afterS,
        outsideK,
        windMS,
        roomK,
        sources: moments,
        cylinders: running.flatMap((one) => one.moments(atmospherePa, outsideK)),
        batteryShare: charge?.share ?? null,
      })
    }
  }
  const cylinders = cylinderOutcomes(running, outages.list())
  const sum = (of: (one: CylinderOutcome) => number): number => cylinders.reduce((all, one) => all + of(one), 0)
  return {
    sources,
    series: recorder.series(),
    outages: outages.list(),
    changes,
    cylinders,
    appliances: input.appliances.map(({ id }, i) => ({
      id,
      wantedKg: ((wantedW[i] ?? 0) * stepS) / heating,
      givenKg: ((givenW[i] ?? 0) * stepS) / heating,
      chargeC: chargeC[i] ?? 0,
    })),
    weak,
    battery: charge ? { flatAtS: charge.flatAtS, leastShare: charge.leastShare } : null,
    usedKg: sum(({ usedKg }) => usedKg),
    leftKg: sum(({ leftKg }) => leftKg),
    strandedKg: sum(({ strandedKg }) => strandedKg),
    startH,
    stepS,
  }
}
