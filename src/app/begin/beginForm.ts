import { readNights } from '@/app/shared/nights'
import type { ApplianceKind } from '@/core/appliances/applianceKinds'
import { equipmentKinds, type EquipmentKind, optionalEquipment } from '@/core/cylinders/equipment/equipment'
import type { Supply } from '@/core/cylinders/cylinderKind'
import type { RigShellKind } from '@/core/heat/warmth/rigShell'
import type { HeaterKind } from '@/core/heat/heaters/heater'
import { readMonthField } from '@/ui/fields/readMonthField'
import { nothingTyped, readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** What a page of the beginning is given. */
export interface BeginPart {
  values: BeginValues
  set: (next: Partial<BeginValues>) => void
  issueAt: (path: string) => string | null
  thisMonth: string
}

export const beginSteps = ['rig', 'cylinder', 'heat', 'found', 'trip'] as const

export type BeginStep = (typeof beginSteps)[number]

export const beginStepLabels: Readonly<Record<BeginStep, string>> = {
  rig: 'The rig',
  cylinder: 'A cylinder',
  heat: sharedLabels.whatBurns,
  found: 'What you found',
  trip: sharedLabels.theTrip,
}

/** Whether a thing is there, and looked over: “not known” is an answer. */
export type Found = 'sound' | 'there' | 'none' | 'not-known'

/** Field texts as typed. */
export interface BeginValues {
  step: BeginStep
  rigName: string
  shellKind: RigShellKind | null
  shellLength: TypedQuantity
  sizeId: string | null
  gross: TypedQuantity
  made: string
  count: string
  heaterSupply: Supply | null
  heaterInput: TypedQuantity
  heater: HeaterKind | 'none' | null
  burns: readonly ApplianceKind[]
  found: Readonly<Record<EquipmentKind, { state: Found; made: string }>>
  tripName: string
  startDay: string
  nights: string
  altitude: TypedQuantity
  coldest: TypedQuantity
}

/** Before anything is typed. */
export function beginValues(suggestedDay: string): BeginValues {
  const found = Object.fromEntries(equipmentKinds.map((kind) => [kind, { state: 'not-known', made: '' }]))
  return {
    step: 'rig',
    rigName: '',
    shellKind: null,
    shellLength: nothingTyped,
    sizeId: null,
    gross: nothingTyped,
    made: '',
    count: '1',
    heaterSupply: null,
    heaterInput: nothingTyped,
    heater: null,
    burns: [],
    found: found as BeginValues['found'],
    tripName: '',
    startDay: suggestedDay,
    nights: '3',
    altitude: nothingTyped,
    coldest: nothingTyped,
  }
}

const USUAL_RESERVE = 0.2

/**
 * Values of the fields; an unreadable field has a sentence.
 *
 * @param values - as typed
 * @param thisMonth - for months on a collar
 */
export function readBegin(values: BeginValues, thisMonth: string) {
  const gross = readQuantity(values.gross, 'cylinderMass')
  const made = readMonthField(values.made, thisMonth)
  const length = readQuantity(values.shellLength, 'length')
  const heaterInput = readQuantity(values.heaterInput, 'power')
  const altitude = readQuantity(values.altitude, 'altitude')
  const coldest = readQuantity(values.coldest, 'temperature')
  const { nights, issue: nightsIssue } = readNights(values.nights)
  const equipment = equipmentKinds.flatMap((kind) => {
    const { state, made: text } = values.found[kind]
    // A hose or regulator is there in every rig that burns gas; only its date is unknown.
    const isThere =
      state === 'there' || state === 'sound' || (state === 'not-known' && (kind === 'hose' || kind === 'regulator'))
    return isThere ? [{ kind, madeMonth: readMonthField(text, thisMonth).month, sound: state === 'sound' }] : []
  })
  const issues: Readonly<Partial<Record<BeginStep, string>>> = {
    ...(length.issue && { rig: length.issue }),
    ...(heaterInput.issue && { heat: heaterInput.issue }),
    ...((gross.issue ?? made.issue) && { cylinder: gross.issue ?? made.issue ?? '' }),
    ...((altitude.issue ?? coldest.issue ?? nightsIssue) && {
      trip: altitude.issue ?? coldest.issue ?? nightsIssue ?? '',
    }),
  }
  const said = {
    rigName: values.rigName.trim() || 'My rig',
    shell: values.shellKind === null ? null : { kind: values.shellKind, lengthM: length.value },
    cylinder:
      values.sizeId === null
        ? null
        : { sizeId: values.sizeId, grossKg: gross.value, madeMonth: made.month, count: Number(values.count) },
    heater: values.heater,
    heaterSupply: values.heaterSupply,
    heaterInputW: heaterInput.value,
    burns: values.burns,
    equipment,
    noneNeeded: optionalEquipment.filter((kind) => values.found[kind].state === 'none'),
    trip: {
      name: values.tripName.trim() || 'The first trip',
      startDay: values.startDay,
      nights,
      altitudeM: altitude.value,
      coldestK: coldest.value,
      reserveShare: USUAL_RESERVE,
    },
  }
  return { said, issues }
}
