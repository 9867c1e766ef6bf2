import { InputError } from '@/core/base/InputError'
import { z } from '@/core/base/zod'
import { tryAppliance } from '@/core/practice/readings/attempt'
import { lineReading } from '@/core/practice/readings/lineReading'
import { frostAt } from '@/core/practice/readings/frost'
import { symptomsOf } from '@/core/practice/diagnosis/symptomsOf'
import { practiceRigSchema } from '@/core/practice/rig/practiceRig'
import { liquidFraction } from '@/core/vaporization/cylinderThermalState'
import { currentPart, sourceGaugePa, thermalOf } from '@/core/practice/rig/rigState'
import { faultContext, faultedState, faultKindIds, findFault, type Fault } from './faults/faults'
import { benchActionSchema } from './drills/benchAction'
import { createBench } from './drills/bench'
import { applyAction } from './drills/applyAction'
import { flammableShareOf, litSettings } from './drills/advance'
import { alarmsOf, flagsOf, hissesAt, smellInside, smellOutside } from './drills/senses'

const namedFaultSchema = z.strictObject({ kind: z.enum(faultKindIds), at: z.string().min(1).max(140).optional() })

/** Longest time that a simulation runs, s: two nights. */
const MOST_S = 172_800

/** A rig, what is wrong with it, and what is done. */
export const simulateSchema = z.strictObject({
  rig: practiceRigSchema,
  faults: z.array(namedFaultSchema).max(6).default([]),
  actions: z.array(benchActionSchema).max(60).default([]),
})

/** The faults that an input names, each found on the rig. */
export function namedFaults(
  context: ReturnType<typeof faultContext>,
  faults: z.output<typeof simulateSchema>['faults'],
): Fault[] {
  return faults.map(({ kind, at }, i) => findFault(context, { kind, ...(at !== undefined && { at }) }, `faults.${i}`))
}

/**
 * The readings of a rig with faults after some actions: pressures with all off and with what burns, flames, smells,
 * frost, alarms, air of the room, time and gas.
 *
 * @param input - see simulateSchema
 * @throws InputError for a fault that this rig cannot have, a part it does not have, or over two days of waiting
 */
export function simulate({ rig, faults, actions }: z.output<typeof simulateSchema>) {
  const context = faultContext(rig)
  const waitedS = actions.reduce((sum, action) => sum + (action.do === 'wait' ? action.seconds : 0), 0)
  const nights = actions.filter((action) => action.do === 'sleep').length
  if (waitedS + nights * 28_800 > MOST_S)
    throw new InputError('actions', 'This waits for more than two days. Wait less.')
  const state = faultedState(context, namedFaults(context, faults))
  const bench = actions.reduce((now, action) => applyAction(now, action), createBench(state))
  const reading = lineReading(bench.rig, litSettings(bench))
  return {
    timeS: bench.timeS,
    burnedKg: bench.burnedKg,
    lostKg: bench.lostKg,
    endedBy: bench.badEnd,
    parts: reading.graph.sortFindings.map(({ part, name }) => {
      const flow = reading.parts.get(part.id)
      return {
        partId: part.id,
        name,
        live: flow?.live ?? false,
        staticGaugePa: flow?.staticGaugePa ?? 0,
        inletGaugePa: flow?.inletGaugePa ?? 0,
        outletGaugePa: flow?.outletGaugePa ?? 0,
        flowW: flow?.flowW ?? 0,
      }
    }),
    appliances: context.appliances.map((part) => ({
      partId: part.part.id,
      name: part.name,
      lit: bench.lit.includes(part.part.id),
      burnedW: reading.burnedW.get(part.part.id) ?? 0,
      whenTried: tryAppliance(bench.rig, currentPart(bench.rig, part)),
    })),
    cylinders: reading.graph.sources.map((source) => {
      const found = bench.rig.sources[source.part.id]
      return {
        partId: source.part.id,
        massKg: found?.massKg ?? 0,
        liquidK: found?.liquidK ?? rig.outsideK,
        gaugePa: sourceGaugePa(bench.rig, source),
        /** Share of its volume under the frost line: where the liquid ends. */
        liquidFraction: source.type.gas === 'co2' ? null : liquidFraction(thermalOf(bench.rig, source.part.id)),
      }
    }),
    frost: frostAt(bench.rig),
    smell: { inside: smellInside(bench), outside: smellOutside(bench) },
    flags: Object.fromEntries(flagsOf(bench.rig)),
    hissesAt: hissesAt(bench.rig),
    leaks: bench.rig.leaks.map(({ at, inside, massKgS }) => ({ at, inside, massKgS })),
    alarms: alarmsOf(bench),
    symptoms: [...symptomsOf(context, bench.rig)],
    room: {
      temperatureK: bench.roomK,
      oxygenShare: bench.rig.oxygenShare,
      co2Ppm: bench.series.at(-1)?.co2Ppm ?? 420,
      /** Gas near the floor over its lower flammable limit. */
      lowerLimitRatio: flammableShareOf(bench),
    },
    batteryShare: bench.rig.batteryShare,
    log: bench.log.map(({ atS, did, saw }) => ({ atS, did, saw })),
  }
}
