import { applianceTraits } from '@/core/appliances/applianceKinds'
import { heatingValueJPerKg } from '@/core/fluids/fluidData'
import { MOLAR_GAS_J_PER_MOLK, standardAtmospherePa } from '@/core/fluids/atmosphere'
import { airModel, type AirMoment } from '@/core/heat/air/airModel'
import { MOLAR_KG } from '@/core/heat/air/combustion'
import { Solver } from '@/core/heat/air/odex'
import { roomAirSchema } from '@/core/heat/air/roomAirInput'
import { roomVolumeM3 } from '@/core/heat/room/roomGeometry'
import { applianceInputW, isShut } from '@/core/hookup/line/lineGraph'
import { behaviorOf, kindOfPart, needsBattery } from '@/core/practice/rig/applianceBehavior'
import { hasMark, sourceGaugePa, sourcesInUse, thermalOf, withSource, stateGraph } from '@/core/practice/rig/rigState'
import { CUT_OFF_SHARE } from '@/core/practice/readings/attempt'
import { isBatteryFlat } from '@/core/practice/readings/signs'
import { burnerShare, lineReading, type LineReading, ratedGaugePa } from '@/core/practice/readings/lineReading'
import { heatTransferCoefficientWPerM2K } from '@/core/vaporization/heatTransfer'
import { boilingTemperatureK } from '@/core/vaporization/propaneSaturationTable'
import { stepCylinders } from '@/core/vaporization/stepCylinders'
import { type Bench, type BenchMoment, roomNow } from './bench'

/** Longest step, by how much time is left: a night takes longer ones than a minute. */
const STEPS_S = { short: 60, long: 300, longFrom: 1200 }

/** Lower flammable limit of propane in air, by volume. [from memory, NFPA 325] */
const LOWER_LIMIT = 0.021
/** Propane pools: the lowest fifth of the room holds what escapes there. [common practice] */
const POOLING_SHARE = 0.2
/** Charge that a usual battery holds, As, and what a furnace fan or a fridge draws. [common practice] */
const BATTERY_C = 360_000
/** A burner that gets less than this share of its heat goes out. [common practice] */
const GOES_OUT = 0.15
const TOLERANCE = 1e-6
/** Least gauge pressure at which stepping goes on drawing vapor, Pa. */
const NEED_GAUGE_PA = 1000

/** Gas near the floor over its lower flammable limit, from the propane in the room. */
export function flammableShareOf(bench: Bench): number {
  const pressurePa = standardAtmospherePa(bench.rig.rig.altitudeM)
  const lowM3 = roomVolumeM3(roomNow(bench)) * POOLING_SHARE
  const gasM3 = ((bench.gasInsideKg / MOLAR_KG.propane) * MOLAR_GAS_J_PER_MOLK * bench.roomK) / pressurePa
  return gasM3 / lowM3 / LOWER_LIMIT
}

/** Heat of the burners in the room: without a flue first, since they change the air. */
function heatInRoom(bench: Bench, reading: LineReading): { heaterW: number; vented: boolean } {
  const { rig } = bench.rig
  let openW = 0
  let ventedW = 0
  for (const id of bench.lit) {
    const part = reading.graph.byId.get(id)
    const watts = reading.burnedW.get(id) ?? 0
    if (!part || part.part.place !== 'inside') continue
    const traits = applianceTraits[kindOfPart(rig, part)]
    if (traits.exhaust === 'room') openW += watts
    else if (traits.isHeater) ventedW += watts
  }
  return openW > 0 ? { heaterW: openW, vented: false } : { heaterW: ventedW, vented: true }
}

/** The room's air after a step, by the room model. */
function stepAir(bench: Bench, reading: LineReading, stepS: number): { air: readonly number[]; moment: AirMoment } {
  const { rig } = bench.rig
  const room = roomNow(bench)
  const { heaterW, vented } = heatInRoom(bench, reading)
  const inside = bench.people === 'inside' ? rig.people : 0
  const asleep = Math.min(inside, bench.asleep)
  const input = roomAirSchema.parse({
    room,
    vented,
    people: { awake: inside - asleep, asleep },
    outside: { temperatureK: rig.outsideK, pressurePa: standardAtmospherePa(rig.altitudeM) },
    startK: bench.roomK,
    durationS: 1,
  })
  const model = airModel(input, room)
  const solver = new Solver(model.start.length)
  solver.relativeTolerance = TOLERANCE
  solver.absoluteTolerance = TOLERANCE
  const air = solver.solve((_, y) => model.slopes(y, heaterW), 0, bench.air ?? model.start, stepS).y
  return { air, moment: model.momentOf(bench.timeS + stepS, air, heaterW) }
}

/** Propane that comes out unburned in the room, and all that is lost, kg/s. */
function escapes(bench: Bench, reading: LineReading): { insideKgS: number; lostKgS: number } {
  const joules = heatingValueJPerKg()
  let insideKgS = 0
  let lostKgS = 0
  for (const [id, share] of Object.entries(bench.open)) {
    const part = reading.graph.byId.get(id)
    if (!part || share <= 0 || bench.lit.includes(id)) continue
    const { appliance } = part.type
    const flow = reading.parts.get(id)
    if (!appliance || !flow?.live) continue
    const passes = burnerShare(flow.outletGaugePa, ratedGaugePa(appliance), appliance.ownRegulator) * share
    const kgS = (applianceInputW(part) * passes) / joules
    lostKgS += kgS
    if (part.part.place === 'inside') insideKgS += kgS
  }
  for (const leak of bench.rig.leaks) {
    const flow = reading.parts.get(leak.partId)
    const isOn = leak.place === 'relief' || leak.place === 'vessel' || (flow?.live === true && flow.staticGaugePa > 0)
    if (!isOn) continue
    lostKgS += leak.massKgS
    if (leak.inside) insideKgS += leak.massKgS
  }
  return { insideKgS, lostKgS }
}

/** Draws gas from the cylinders in use, by the vaporization model. */
function stepSources(bench: Bench, reading: LineReading, kg: number, stepS: number): Bench['rig'] {
  const { rig } = bench.rig
  const atmospherePa = standardAtmospherePa(rig.altitudeM)
  const used = sourcesInUse(reading.graph).filter((source) => !isShut(source) && source.type.gas !== 'co2')
  const needPa = atmospherePa + NEED_GAUGE_PA
  const environment = {
    airK: rig.outsideK,
    heatTransferCoefficientWPerM2K: heatTransferCoefficientWPerM2K(0, 'locker'),
    stepS,
    needPa,
    leastK: boilingTemperatureK(needPa),
  }
  const thermals = used.map(({ part }) => ({ id: part.id, thermal: thermalOf(bench.rig, part.id) }))
  if (thermals.length === 0) return bench.rig
  stepCylinders(
    thermals.map(({ thermal }) => thermal),
    kg,
    environment,
  )
  return thermals.reduce(
    (state, { id, thermal }) => withSource(state, id, { massKg: thermal.massKg, liquidK: thermal.temperatureK }),
    bench.rig,
  )
}

/** Burners that still burn with the gas, the charge and the oxygen they get. */
function stillLit(bench: Bench, reading: LineReading): string[] {
  const { rig } = bench.rig
  return bench.lit.filter((id) => {
    const part = reading.graph.byId.get(id)
    if (!part) return false
    const wantedW = applianceInputW(part) * (litSettings(bench)[id] ?? 0)
    if ((reading.burnedW.get(id) ?? 0) < wantedW * GOES_OUT) return false
    if (needsBattery(rig, part) && isBatteryFlat(bench.rig)) return false
    const { hasOxygenCutOff } = behaviorOf(rig, part)
    return !(hasOxygenCutOff && (bench.rig.oxygenShare <= CUT_OFF_SHARE || hasMark(bench.rig, id, 'thin-air')))
  })
}

/** Setting of a furnace's thermostat. [common practice: 64 °F] */
const THERMOSTAT_K = 291

/** How far each burner is open that burns now: a furnace rests while the room is warm. */
export function litSettings({ open, lit, rig, roomK }: Bench): Record<string, number> {
  const { byId } = stateGraph(rig)
  return Object.fromEntries(
    lit.map((id) => {
      const part = byId.get(id)
      const rests = part && kindOfPart(rig.rig, part) === 'furnace' && roomK > THERMOSTAT_K
      return [id, rests ? 0 : (open[id] ?? 0)]
    }),
  )
}

/** Readings at this moment, with what burns. */
export function benchMoment(bench: Bench, co2Ppm = 420): BenchMoment {
  const reading = lineReading(bench.rig, litSettings(bench))
  const regulator = reading.graph.sortFindings.find(({ type }) => type.regulator?.outlet === 'low')
  return {
    timeS: bench.timeS,
    roomK: bench.roomK,
    co2Ppm,
    oxygenShare: bench.rig.oxygenShare,
    flammableShare: flammableShareOf(bench),
    cylinderGaugePa: Math.max(0, ...reading.graph.sources.map((source) => sourceGaugePa(bench.rig, source))),
    lineGaugePa: regulator ? (reading.parts.get(regulator.part.id)?.outletGaugePa ?? 0) : 0,
    burnedW: [...reading.burnedW.values()].reduce((sum, watts) => sum + watts, 0),
  }
}

function step(bench: Bench, stepS: number): Bench {
  const reading = lineReading(bench.rig, litSettings(bench))
  const burnedKg = ([...reading.burnedW.values()].reduce((sum, watts) => sum + watts, 0) / heatingValueJPerKg()) * stepS
  const { insideKgS, lostKgS } = escapes(bench, reading)
  const rig = stepSources(bench, reading, burnedKg + lostKgS * stepS, stepS)
  const { air, moment } = stepAir(bench, reading, stepS)
  const perS = moment.airflowM3S / roomVolumeM3(roomNow(bench))
  const kept = Math.exp(-perS * stepS)
  const added = perS > 0 ? (insideKgS / perS) * (1 - kept) : insideKgS * stepS
  const currentA = bench.lit.reduce((sum, id) => {
    const part = reading.graph.byId.get(id)
    return sum + (part ? applianceTraits[kindOfPart(rig.rig, part)].currentA : 0)
  }, 0)
  const batteryShare = rig.batteryShare === null ? null : Math.max(0, rig.batteryShare - (currentA * stepS) / BATTERY_C)
  const isFuming = bench.lit.some((id) => hasMark(rig, id, 'flue-blocked')) || moment.burningShare < 1
  const after: Bench = {
    ...bench,
    timeS: bench.timeS + stepS,
    rig: { ...rig, oxygenShare: moment.o2Fraction, batteryShare },
    air,
    roomK: moment.temperatureK,
    gasInsideKg: bench.gasInsideKg * kept + added,
    co2InsideKg: bench.co2InsideKg * kept,
    burnedKg: bench.burnedKg + burnedKg,
    lostKg: bench.lostKg + lostKgS * stepS,
    fumesS: isFuming ? bench.fumesS + stepS : bench.fumesS,
  }
  const lit = stillLit(after, reading)
  const wentOut = bench.lit.filter((id) => !lit.includes(id))
  const outAtS = { ...after.outAtS, ...Object.fromEntries(wentOut.map((id) => [id, after.timeS])) }
  // A pilot sensor or an automatic valve shuts what went out; other burners go on letting gas out.
  const open = Object.fromEntries(
    Object.entries(after.open).map(([id, share]) => {
      const part = wentOut.includes(id) ? reading.graph.byId.get(id) : undefined
      const { hasPilotSensor = false, lights = 'lighter' } = part ? behaviorOf(rig.rig, part) : {}
      return [id, hasPilotSensor || lights === 'automatic' ? 0 : share]
    }),
  )
  const next = { ...after, lit, outAtS, open: wentOut.length > 0 ? open : after.open }
  return { ...next, series: [...next.series, benchMoment(next, moment.co2Ppm)] }
}

/**
 * Lets time pass: cylinders, room, battery, escapes and burners, by their models.
 *
 * @param bench - before
 * @param seconds - how long
 * @param until - stops early when this holds, such as an alarm that wakes people
 */
export function advance(bench: Bench, seconds: number, until: (bench: Bench) => boolean = () => false): Bench {
  let now = bench
  for (let leftS = seconds; leftS > 0 && !until(now);) {
    const most = leftS > STEPS_S.longFrom ? STEPS_S.long : STEPS_S.short
    const stepS = Math.min(leftS, most)
    now = step(now, stepS)
    leftS -= stepS
  }
  return now
}
