import { fillSteps } from '@/core/fill/procedures/fillSteps'
import type { ProcedureStep } from '@/core/rules/procedureStep'
import { beforeSteps } from './beforeSteps'
import { backSteps, outSteps, swapSteps } from './cylinderSteps'
import { eveningSteps } from './eveningSteps'
import { relightSteps } from './relightSteps'
import { arriveSteps, leaveSteps, storeSteps } from './roadSteps'
import { hasLine, type StepsFacts } from './stepsFacts'

interface Procedure {
  label: string
  /** Whether a rig has what it is about. */
  fits: (facts: StepsFacts) => boolean
  steps: (facts: StepsFacts) => readonly ProcedureStep[]
}

const always = (): boolean => true
const hasCylinders = ({ cylinders }: StepsFacts): boolean => cylinders.length > 0
const burns = ({ appliances }: StepsFacts): boolean => appliances.length > 0

const pump = ({ tank, cylinders }: StepsFacts): readonly ProcedureStep[] =>
  fillSteps(tank !== null && cylinders.length === 0 ? 'onboard' : 'pump')

const procedures = {
  before: { label: 'Before leaving', fits: always, steps: beforeSteps },
  out: { label: 'A cylinder out', fits: hasCylinders, steps: outSteps },
  pump: { label: 'At the pump', fits: hasLine, steps: pump },
  back: { label: 'And back in', fits: hasCylinders, steps: backSteps },
  arrive: { label: 'Arriving', fits: always, steps: arriveSteps },
  evening: { label: 'Each evening', fits: always, steps: eveningSteps },
  swap: { label: 'Swap at night', fits: hasCylinders, steps: swapSteps },
  relight: { label: 'Relighting', fits: burns, steps: relightSteps },
  leave: { label: 'Leaving', fits: always, steps: leaveSteps },
  store: { label: 'Storing', fits: always, steps: storeSteps },
} as const satisfies Readonly<Record<string, Procedure>>

export type TripProcedure = keyof typeof procedures

/** Procedures of a trip, in order. */
export const tripProcedures = Object.keys(procedures) as [TripProcedure, ...TripProcedure[]]

/** Those of the road, which Run shows too. */
export const roadProcedures = ['arrive', 'leave', 'store'] as const satisfies readonly TripProcedure[]

export type RoadProcedure = (typeof roadProcedures)[number]

/** What a procedure is called. */
export const procedureLabel = (procedure: TripProcedure): string => procedures[procedure].label

/** Procedures that a rig has any use for. */
export function proceduresOf(facts: StepsFacts): TripProcedure[] {
  return tripProcedures.filter((procedure) => procedures[procedure].fits(facts))
}

/**
 * Steps of one procedure for a rig.
 *
 * @param procedure - which
 * @param facts - of the rig: see stepsFacts
 */
export function tripSteps(procedure: TripProcedure, facts: StepsFacts): readonly ProcedureStep[] {
  return procedures[procedure].steps(facts)
}
