import { addMonths } from '@/core/time/months'

/** What else is looked over before a trip, beside the cylinders. */
export const equipmentKinds = ['regulator', 'hose', 'propane-alarm', 'co-alarm', 'extinguisher'] as const

export type EquipmentKind = (typeof equipmentKinds)[number]

/** Kinds that a rig may do without; alarms and an extinguisher belong to every one. */
export const optionalEquipment = ['regulator', 'hose'] as const satisfies readonly EquipmentKind[]

export type OptionalEquipment = (typeof optionalEquipment)[number]

/** Whether a kind is a part of a line, and may be missing with it. */
export const isOfLine = (kind: EquipmentKind): kind is OptionalEquipment =>
  optionalEquipment.some((one) => one === kind)

interface EquipmentFacts {
  name: string
  /** What is looked at. */
  look: string
  /** Age from which it should be replaced; null where only its own date counts. */
  oldMonths: number | null
  /** Without one that works nobody sleeps beside gas. */
  isAlarm: boolean
}

/** Ages are common practice; a date on the thing itself comes first. */
export const equipmentFacts: Readonly<Record<EquipmentKind, EquipmentFacts>> = {
  regulator: {
    name: 'Regulator',
    look: 'cover whole, vent clear and pointing down, no rust, no oil',
    oldMonths: 180,
    isAlarm: false,
  },
  hose: {
    name: 'Hose or pigtail',
    look: 'not cracked, stiff, chafed or kinked; ends sound',
    oldMonths: 60,
    isAlarm: false,
  },
  'propane-alarm': {
    name: 'Propane alarm',
    look: 'sounds on its test button, sits low, free of dust',
    oldMonths: 60,
    isAlarm: true,
  },
  'co-alarm': { name: 'CO alarm', look: 'sounds on its test button, at sleeping height', oldMonths: 84, isAlarm: true },
  extinguisher: {
    name: 'Fire extinguisher',
    look: 'needle in the green, pin and seal in, in reach of the door',
    oldMonths: 144,
    isAlarm: false,
  },
}

/** One item with its dates and last inspection. */
export interface Equipment {
  id: string
  kind: EquipmentKind
  name: string
  madeMonth: string | null
  /** Printed on it. */
  replaceByMonth: string | null
  lastLook: { sound: boolean; lookedAt: string; note: string | null } | null
}

/**
 * Last month in which a thing should be used.
 *
 * @returns null when neither its own date nor its age is known
 */
export function equipmentEndMonth({ kind, madeMonth, replaceByMonth }: Equipment): string | null {
  if (replaceByMonth !== null) return replaceByMonth
  const { oldMonths } = equipmentFacts[kind]
  return madeMonth === null || oldMonths === null ? null : addMonths(madeMonth, oldMonths)
}
