import { type CylinderKind, type DateClass, kindFacts } from '@/core/cylinders/cylinderKind'
import { findDateClass } from '@/core/cylinders/stamps/readSpecification'
import { readStamps } from '@/core/cylinders/stamps/readStamps'
import type { FullMark } from '@/core/cylinders/contents/liquidLevel'
import { parseMarks, formatMarks } from '@/core/cylinders/stamps/marks'
import { waterCapacityForVolumeKg, waterCapacityVolumeM3 } from '@/core/cylinders/contents/waterCapacity'
import { stampWarnings, type StampWarning } from '@/core/cylinders/stamps/stampWarnings'
import type { StampReading } from '@/core/cylinders/stamps/stampReading'
import type { QuantitySources } from '@/core/base/provenance'
import { type TareWay, weighedEmptySource } from '@/core/cylinders/contents/tareSource'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import type { UnitSystem } from '@/core/units/displayRoles'
import { readMonthField } from '@/ui/fields/readMonthField'
import { nothingTyped, readQuantity, typedOf, type TypedQuantity } from '@/ui/fields/typedQuantity'
import type { StampsEntry } from '@/services/cylinders/saveStamps'

/** A stored cylinder as the form begins from it. */
export interface StoredStamps {
  id: string
  version: number
  name: string
  kind: CylinderKind
  tareKg: number
  waterCapacityKg: number
  labelNetKg: number | null
  manufacturedMonth: string | null
  specification: string | null
  stampsText: string | null
  overfillStop: 'yes' | 'no' | 'unknown'
  labelIntervalMonths: number | null
  endOfLifeMonth: string | null
  ruleSetId: string | null
  ruleReason: string | null
  reliefGaugePa: number | null
  fullMark: FullMark | null
  sources: QuantitySources
  aboard: boolean
}

/** Field texts as typed. */
export interface StampValues {
  name: string
  kind: CylinderKind
  collar: string
  tare: TypedQuantity
  /** How the tare and the other stamps are known. */
  sources: QuantitySources
  water: TypedQuantity
  label: TypedQuantity
  month: string
  marks: string
  specification: string
  overfillStop: 'yes' | 'no' | 'unknown'
  labelYears: string
  endOfLife: string
  ruleSetId: string
  ruleReason: string
  relief: TypedQuantity
  fullMark: FullMark
  aboard: boolean
  confirmed: boolean
}

/** The date on a composite's label may be in the future. */
export const FAR = '2099-12'

export function massRoleOf(kind: CylinderKind): DisplayRole {
  return kindFacts[kind].small ? 'bottleMass' : 'cylinderMass'
}

/** A fixed tank is known by its water gallons. */
export function waterRoleOf(kind: CylinderKind): DisplayRole {
  return kindFacts[kind].isFixed ? 'liquidVolume' : massRoleOf(kind)
}

/** Reading of the water capacity field. */
function waterKgOf(typed: number, kind: CylinderKind): number {
  return kindFacts[kind].isFixed ? waterCapacityForVolumeKg(typed) : typed
}

export function waterField(waterCapacityKg: number, kind: CylinderKind, system: UnitSystem): TypedQuantity {
  const value = kindFacts[kind].isFixed ? waterCapacityVolumeM3(waterCapacityKg) : waterCapacityKg
  return typedOf(value, waterRoleOf(kind), system)
}

/** Fields of a stored cylinder, or of a new one. */
export function stampValues(from: StoredStamps | null, system: UnitSystem): StampValues {
  const kind = from?.kind ?? 'removable'
  return {
    name: from?.name ?? '',
    kind,
    collar: from?.stampsText ?? '',
    sources: from?.sources ?? {},
    tare: from && !kindFacts[kind].isFixed ? typedOf(from.tareKg, massRoleOf(kind), system) : nothingTyped,
    water: from ? waterField(from.waterCapacityKg, kind, system) : nothingTyped,
    label: from ? typedOf(from.labelNetKg, massRoleOf(kind), system) : nothingTyped,
    month: from?.manufacturedMonth ?? '',
    marks: '',
    specification: from?.specification ?? '',
    overfillStop: from?.overfillStop ?? 'unknown',
    labelYears: from?.labelIntervalMonths ? String(from.labelIntervalMonths / 12) : '',
    endOfLife: from?.endOfLifeMonth ?? '',
    ruleSetId: from?.ruleSetId ?? '',
    ruleReason: from?.ruleReason ?? '',
    relief: typedOf(from?.reliefGaugePa ?? null, 'cylinderPressure', system),
    fullMark: from?.fullMark ?? 'usable',
    aboard: from?.aboard ?? true,
    confirmed: false,
  }
}

/** The same weights in the units of another kind: 47.6 lb must not become 47.6 gal. */
export function turnedTo(kind: CylinderKind, values: StampValues, system: UnitSystem): Partial<StampValues> {
  const tare = readQuantity(values.tare, massRoleOf(values.kind)).value
  const label = readQuantity(values.label, massRoleOf(values.kind)).value
  const water = readQuantity(values.water, waterRoleOf(values.kind)).value
  const waterKg = water === null ? null : waterKgOf(water, values.kind)
  return {
    kind,
    ...(tare !== null && { tare: typedOf(tare, massRoleOf(kind), system) }),
    ...(label !== null && { label: typedOf(label, massRoleOf(kind), system) }),
    ...(waterKg !== null && { water: waterField(waterKg, kind, system) }),
  }
}

/** Date class of the fields as typed. */
export function dateClassOf({ kind, specification, labelYears, endOfLife }: StampValues): DateClass {
  const months = Number(labelYears) * 12
  return findDateClass(kind, specification.trim() || null, {
    labelIntervalMonths: labelYears.trim() === '' ? null : months,
    endOfLifeMonth: endOfLife.trim() || null,
  })
}

/** Fields that a collar can fill, as they are before anything is read. */
const ofCollar = {
  tare: nothingTyped,
  sources: {},
  water: nothingTyped,
  label: nothingTyped,
  month: '',
  marks: '',
  specification: '',
  overfillStop: 'unknown',
} as const satisfies Partial<StampValues>

/**
 * The fields after the collar was typed again: what the new one does not say and the old one did is cleared, unless it
 * was changed by hand.
 *
 * @param before - fields with the collar as it was
 * @param collar - as it is now
 */
export function retypedCollar(
  before: StampValues,
  collar: string,
  thisMonth: string,
  system: UnitSystem,
): Partial<StampValues> {
  const was: Partial<StampValues> = fieldsOfCollar(readStamps(before.collar, thisMonth), before.kind, system)
  const is = fieldsOfCollar(readStamps(collar, thisMonth), before.kind, system)
  const keys = Object.keys(ofCollar) as (keyof typeof ofCollar)[]
  const gone = keys.filter(
    (key) => key in was && !(key in is) && JSON.stringify(before[key]) === JSON.stringify(was[key]),
  )
  // What the collar does not say stays as it was known.
  const sources = is.sources && { sources: { ...before.sources, ...is.sources } }
  return { ...Object.fromEntries(gone.map((key) => [key, ofCollar[key]])), collar, ...is, ...sources }
}

/** The collar is what tells a tare and a water capacity. */
function stampedSources({ tareKg, waterCapacityKg }: StampReading): QuantitySources {
  const stamped = { source: 'stamped' } as const
  return {
    ...(tareKg !== null && { tareKg: stamped }),
    ...(waterCapacityKg !== null && { waterCapacityKg: stamped }),
  }
}

/** Fields filled from a collar; others stay unchanged. */
export function fieldsOfCollar(reading: StampReading, kindNow: CylinderKind, system: UnitSystem): Partial<StampValues> {
  const kind = reading.kind ?? kindNow
  const role = massRoleOf(kind)
  return {
    kind,
    ...(reading.tareKg !== null && { tare: typedOf(reading.tareKg, role, system) }),
    ...((reading.tareKg !== null || reading.waterCapacityKg !== null) && { sources: stampedSources(reading) }),
    ...(reading.waterCapacityKg !== null && { water: waterField(reading.waterCapacityKg, kind, system) }),
    ...(reading.labelNetKg !== null && { label: typedOf(reading.labelNetKg, role, system) }),
    ...(reading.manufacturedMonth !== null && { month: reading.manufacturedMonth }),
    ...(reading.marks.length > 0 && { marks: formatMarks(reading.marks) }),
    ...(reading.specification !== null && { specification: reading.specification }),
    ...(reading.overfillStop && { overfillStop: 'yes' as const }),
    confirmed: false,
  }
}

export interface StampsRead {
  /** Input of the action without identifiers; null while a field is unreadable. */
  entry: Omit<StampsEntry, 'id' | 'rigId' | 'version'> | null
  issues: Readonly<Partial<Record<'month' | 'marks' | 'labelYears' | 'endOfLife', string>>>
  doubts: readonly StampWarning[]
}

function marksOf(text: string, thisMonth: string): { marks: ReturnType<typeof parseMarks>; issue: string | null } {
  try {
    return { marks: parseMarks(text, thisMonth), issue: null }
  } catch (error) {
    if (error instanceof InputError) return { marks: [], issue: error.message }
    throw error
  }
}

/** How the tare is known, as chosen; typed numbers come from the collar. */
export function tareWayOf({ sources }: Pick<StampValues, 'sources'>): TareWay {
  const source = sources.tareKg?.source
  return source === 'assumed' || source === 'measured' ? source : 'stamped'
}

function sourcesOf({ kind, sources }: StampValues, tareKg: number, waterCapacityKg: number): QuantitySources {
  if (kindFacts[kind].isFixed || tareWayOf({ sources }) !== 'measured' || waterCapacityKg <= 0) return sources
  return { ...sources, tareKg: weighedEmptySource(kind, tareKg, waterCapacityKg) }
}

/** Reads the fields, with a sentence for each unreadable one and warnings for doubtful ones. */
export function readStampFields(values: StampValues, thisMonth: string): StampsRead {
  const { kind } = values
  const { small } = kindFacts[kind]
  const tare = readQuantity(values.tare, massRoleOf(kind))
  const water = readQuantity(values.water, waterRoleOf(kind))
  const label = readQuantity(values.label, massRoleOf(kind))
  const relief = readQuantity(values.relief, 'cylinderPressure')
  const month = readMonthField(values.month, thisMonth)
  const endOfLife = readMonthField(values.endOfLife, FAR)
  const { marks, issue: marksIssue } = marksOf(values.marks, thisMonth)
  const years = Number(values.labelYears.trim() || NaN)
  const yearsWrong = values.labelYears.trim() !== '' && !(Number.isInteger(years) && years >= 1 && years <= 50)
  const issues = {
    ...(month.issue && { month: month.issue }),
    ...(marksIssue && { marks: marksIssue }),
    ...(yearsWrong && { labelYears: 'Enter whole years, such as 5.' }),
    ...(endOfLife.issue && { endOfLife: endOfLife.issue }),
  }
  const tareKg = kindFacts[kind].isFixed ? 0 : (tare.value ?? 0)
  const waterCapacityKg = waterKgOf(water.value ?? 0, kind)
  const labelNetKg = small ? (label.value ?? null) : null
  const unreadable = [
    kindFacts[kind].isFixed ? null : tare.issue,
    water.issue,
    small ? label.issue : null,
    relief.issue,
  ].some(Boolean)
  const doubts = waterCapacityKg > 0 && tareKg > 0 ? stampWarnings({ kind, tareKg, waterCapacityKg, labelNetKg }) : []
  return {
    issues,
    doubts,
    entry:
      unreadable || Object.keys(issues).length > 0
        ? null
        : {
            name: values.name,
            kind,
            tareKg,
            waterCapacityKg,
            labelNetKg,
            manufacturedMonth: month.month,
            specification: values.specification.trim() || null,
            stampsText: values.collar.trim() || null,
            overfillStop: values.overfillStop,
            labelIntervalMonths: Number.isFinite(years) ? years * 12 : null,
            endOfLifeMonth: endOfLife.month,
            ruleSetId: values.ruleSetId || null,
            ruleReason: values.ruleSetId ? values.ruleReason.trim() || null : null,
            reliefGaugePa: relief.value,
            fullMark: kindFacts[kind].isFixed ? values.fullMark : null,
            sources: sourcesOf(values, tareKg, waterCapacityKg),
            aboard: values.aboard,
            marks,
            confirmed: values.confirmed,
          },
  }
}

/** What every group of fields is given. */
export interface StampFieldsProps {
  values: StampValues
  set: (change: Partial<StampValues>) => void
  issues: StampsRead['issues']
  issueAt: (path: string) => string | null
  thisMonth: string
}
