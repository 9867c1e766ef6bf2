import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/gear'
import { gearContents } from '@/core/cylinders/gearContents'
import { judgeLookOver } from '@/core/cylinders/judgeLookOver'
import { massOfLevelKg } from '@/core/cylinders/massOfLevelKg'
import { monthWords } from '@/core/cylinders/monthWords'
import type { DisplayRole, Phrase, Quantity } from '@/core/findings/quantity'
import type { FillMode } from '@/core/filling/fillModes'
import { database } from '@/records/database'
import { listFills } from '@/records/fills'
import { listLevels } from '@/records/levels'
import { listLooks } from '@/records/looks'
import { listMarks } from '@/records/marks'
import { listWeighings } from '@/records/weighings'
import type { HistoryEntry } from '@/app/historyEntry'

const fillWords: Readonly<Record<FillMode, string>> = {
  pump: 'Filled at the pump',
  'by-weight': 'Filled by weight',
  onboard: 'Tank filled',
  bottles: 'Bottle filled',
  co2: 'CO2 filled',
}

const letterWords = { E: 'external visual', S: 'proof pressure', none: 'volumetric' } as const

/** Everything that happened to a cylinder, newest first, the voided too. */
export function historyOf(gear: CylinderGear): HistoryEntry[] {
  const records = database()
  const { gas, small } = kindFacts[gear.kind]
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const mass = (value: number): Quantity => ({ value, role })

  const weighings = listWeighings(records, gear.id).map((weighing): HistoryEntry => {
    const held = gearContents({ ...gear, lastWeighing: weighing, lastLevel: null })
    const how = weighing.source === 'scale' ? 'captured' : 'typed'
    const says: Phrase = held
      ? {
          text: `{gross} on the scale, ${how}: {net} aboard`,
          parts: { gross: mass(weighing.grossKg), net: mass(held.netKg) },
        }
      : { text: `{gross} on the scale, ${how}: does not fit the stamps`, parts: { gross: mass(weighing.grossKg) } }
    return {
      of: 'weighing',
      id: weighing.id,
      at: weighing.weighedAt,
      what: 'Weighed',
      says,
      voidReason: weighing.voidReason,
    }
  })
  const levels = listLevels(records, gear.id).map((level): HistoryEntry => {
    const netKg = massOfLevelKg(gas, gear.waterCapacityKg, level.liquidFraction, level.temperatureK)
    const parts = { share: { value: level.liquidFraction, role: 'share' as const }, net: mass(netKg) }
    const what = level.way === 'height' ? 'Height measured' : 'Gauge read'
    const says: Phrase = { text: '{share} of its inside is liquid: {net}', parts }
    return { of: 'reading', id: level.id, at: level.readAt, what, says, voidReason: level.voidReason }
  })
  const fills = listFills(records, gear.id).map((fill): HistoryEntry => {
    const parts: Record<string, Quantity | string> = {}
    const said: string[] = []
    if (fill.netKg !== null) {
      said.push('{net} aboard afterwards')
      parts.net = mass(fill.netKg)
    }
    if (fill.meteredM3 !== null) {
      said.push('{metered} metered')
      parts.metered = { value: fill.meteredM3, role: 'liquidVolume' }
    }
    if (fill.paid !== null) {
      said.push('{paid} paid')
      parts.paid = { value: fill.paid, role: 'money' }
    }
    if (fill.note) {
      said.push('{note}')
      parts.note = fill.note
    }
    const says: Phrase = { text: said.length > 0 ? said.join(', ') : 'not measured afterwards', parts }
    return { of: 'fill', id: fill.id, at: fill.filledAt, what: fillWords[fill.mode], says, voidReason: fill.voidReason }
  })
  const looks = listLooks(records, gear.id).map((look): HistoryEntry => {
    const { retiring, toMend, missing } = judgeLookOver(gear.kind, look.answers)
    const bad = [...retiring, ...toMend].map(({ title }) => title.toLowerCase())
    const found =
      look.clearedBy !== null
        ? { text: 'By {who}: {note}', parts: { who: look.clearedBy, note: look.note ?? '' } }
        : bad.length > 0
          ? { text: `Not so: ${bad.join('; ')}` }
          : { text: missing.length > 0 ? `Sound as far as looked at; ${missing.length} left` : 'All sound' }
    const what = look.clearedBy !== null ? 'Cleared' : 'Looked over'
    return { of: 'look-over', id: look.id, at: look.lookedAt, what, says: found, voidReason: look.voidReason }
  })
  const marks = listMarks(records, gear.id).map((mark): HistoryEntry => {
    const says: Phrase = {
      text: `{month}, ${letterWords[mark.letter ?? 'none']}, by a ${mark.form}`,
      parts: { month: monthWords(mark.month) },
    }
    return { of: 'mark', id: mark.id, at: mark.enteredAt, what: 'Requalified', says, voidReason: mark.voidReason }
  })
  return [...weighings, ...levels, ...fills, ...looks, ...marks].toSorted((a, b) => (a.at < b.at ? 1 : -1))
}
