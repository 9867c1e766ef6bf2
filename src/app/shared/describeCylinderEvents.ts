import { isAssumed } from '@/core/base/provenance'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { evaluateInspection } from '@/core/cylinders/inspection/inspectionItems'
import { massAtLevelKg } from '@/core/cylinders/contents/liquidLevel'
import { markLetterLabels } from '@/core/cylinders/stamps/stampReading'
import { formatMonth } from '@/core/time/months'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import type { FillMode } from '@/core/fill/fillModes'
import type { Phrase, Quantity } from '@/core/base/quantity'
import type { HistoryEntry } from './History'
import type {
  StoredFill,
  StoredInspection,
  StoredLevel,
  StoredMark,
  StoredWeighing,
} from '@/services/cylinders/cylinderEvents'

const fillLabels: Readonly<Record<FillMode, string>> = {
  pump: 'Filled at the pump',
  'by-weight': 'Filled by weight',
  onboard: 'Tank filled',
  bottles: 'Bottle filled',
  co2: 'CO2 filled',
}

const levelTitles: Readonly<Record<StoredLevel['way'], string>> = {
  gauge: 'Gauge read',
  height: 'Height measured',
  lifted: 'Lifted',
  fill: 'Gauge read',
  swap: 'Found empty',
}

function massIn({ kind }: Pick<CylinderGear, 'kind'>, value: number): Quantity {
  return { value, role: kindFacts[kind].small ? 'bottleMass' : 'cylinderMass' }
}

/** A weighing as a line of a history. */
export function describeWeighing(gear: CylinderGear, weighing: StoredWeighing): HistoryEntry {
  const held = gearContents({ ...gear, lastWeighing: weighing, lastLevel: null })
  const how = weighing.source === 'scale' ? 'captured' : 'typed'
  const says: Phrase = held
    ? {
        text: `{gross} on the scale, ${how}: {net} aboard`,
        parts: { gross: massIn(gear, weighing.grossKg), net: massIn(gear, held.netKg) },
      }
    : {
        text: `{gross} on the scale, ${how}: does not fit the stamps`,
        parts: { gross: massIn(gear, weighing.grossKg) },
      }
  return {
    of: 'weighing',
    id: weighing.id,
    at: weighing.weighedAt,
    what: 'Weighed',
    says,
    voidReason: weighing.voidReason,
  }
}

/** A reading of gauge or height as a line of a history. */
export function describeLevel(gear: CylinderGear, level: StoredLevel): HistoryEntry {
  const netKg = massAtLevelKg(kindFacts[gear.kind].gas, gear.waterCapacityKg, level.liquidFraction, level.temperatureK)
  const parts = {
    share: { value: level.liquidFraction, role: 'share' as const },
    net: massIn(gear, netKg),
    temperature: { value: level.temperatureK, role: 'temperature' as const },
  }
  const what = levelTitles[level.way]
  if (level.way === 'lifted') {
    const says = { text: 'at least {share} of its inside is liquid, by lifting: {net} or more', parts }
    return { of: 'reading', id: level.id, at: level.readAt, what, says, voidReason: level.voidReason }
  }
  const says: Phrase = isAssumed(level.sources, 'temperatureK')
    ? { text: '{share} of its inside is liquid: {net}, at an assumed {temperature}', parts }
    : { text: '{share} of its inside is liquid: {net}', parts }
  return { of: 'reading', id: level.id, at: level.readAt, what, says, voidReason: level.voidReason }
}

/** A fill as a line of a history. */
export function fillEntry(gear: Pick<CylinderGear, 'kind'>, fill: StoredFill): HistoryEntry {
  const parts: Record<string, Quantity | string> = {}
  const said: string[] = []
  if (fill.netKg !== null) {
    said.push('{net} aboard afterwards')
    parts.net = massIn(gear, fill.netKg)
  }
  if (fill.meteredM3 !== null) {
    said.push('{metered} metered')
    parts.metered = { value: fill.meteredM3, role: 'liquidVolume' }
  }
  if (fill.paid !== null) {
    said.push('{paid} paid')
    parts.paid = { value: fill.paid, role: 'money' }
    if (fill.fees !== null) {
      said.push('{fees} of it tax and fees')
      parts.fees = { value: fill.fees, role: 'money' }
    }
  }
  if (fill.note) {
    said.push('{note}')
    parts.note = fill.note
  }
  const says: Phrase = { text: said.length > 0 ? said.join(', ') : 'not measured afterwards', parts }
  return { of: 'fill', id: fill.id, at: fill.filledAt, what: fillLabels[fill.mode], says, voidReason: fill.voidReason }
}

/** A look-over as a line of a history. */
export function describeInspection(gear: Pick<CylinderGear, 'kind'>, look: StoredInspection): HistoryEntry {
  const { disqualifying, toRepair, missing } = evaluateInspection(gear.kind, look.answers)
  const bad = [...disqualifying, ...toRepair].map(({ title }) => title.toLowerCase())
  const found =
    look.clearedBy !== null
      ? { text: 'By {who}: {note}', parts: { who: look.clearedBy, note: look.note ?? '' } }
      : bad.length > 0
        ? { text: `Not so: ${bad.join('; ')}` }
        : { text: missing.length > 0 ? `Sound as far as looked at; ${missing.length} left` : 'All sound' }
  const what = look.clearedBy !== null ? 'Cleared' : 'Looked over'
  return { of: 'look-over', id: look.id, at: look.lookedAt, what, says: found, voidReason: look.voidReason }
}

/** A requalification as a line of a history. */
export function describeMark(mark: StoredMark): HistoryEntry {
  const says: Phrase = {
    text: `{month}, ${markLetterLabels[mark.letter ?? 'none']}, by a ${mark.form}`,
    parts: { month: formatMonth(mark.month) },
  }
  return { of: 'mark', id: mark.id, at: mark.enteredAt, what: 'Requalified', says, voidReason: mark.voidReason }
}
