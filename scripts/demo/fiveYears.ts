import { addDays, format, subDays } from 'date-fns'
import type { Database } from '@/records/databaseType'
import { write } from '@/records/write'
import { listEquipment } from '@/records/repositories/cylinders/equipment'
import { addTrip } from '@/records/repositories/trips/trips'
import { cylinders, equipmentLooks, fills, ticks, weighings } from '@/records/schema/schema'
import { demoAppliances } from './demoRun'

const DAYS = 5 * 365
const CHUNK = 500

/** Five years of a busy owner: two weigh-ins a day, ticked steps, fills, inspections and a trip a month. */
export function writeFiveYears(records: Database, rigId: string, now: Date, events: number): void {
  const held = records.select().from(cylinders).all()
  const things = listEquipment(records, rigId)
  const at = (i: number): string => {
    const day = subDays(now, DAYS - Math.floor((i * DAYS) / events))
    return new Date(day.getTime() - (1 + (i % 7)) * 3_600_000).toISOString()
  }
  const rows = Array.from({ length: events }, (_, i) => ({ i, id: `five years ${i}`, when: at(i) }))
  const put = <Row>(of: readonly Row[], insert: (chunk: Row[]) => void): void => {
    for (let i = 0; i < of.length; i += CHUNK) insert(of.slice(i, i + CHUNK))
  }
  write(records, (writable) => {
    const weighed = rows
      .filter(({ i }) => i % 10 < 6)
      .map(({ i, id, when }) => {
        const cylinder = held[i % held.length]
        const grossKg = (cylinder?.tareKg ?? 1) + (cylinder?.waterCapacityKg ?? 1) * 0.4 * (1 - (i % 60) / 60)
        return { id, cylinderId: cylinder?.id ?? '', weighedAt: when, grossKg, hangingKg: 0, source: 'scale' as const }
      })
    put(weighed, (chunk) => writable.insert(weighings).values(chunk).run())
    const ticked = rows
      .filter(({ i }) => i % 10 >= 6 && i % 10 < 9)
      .map(({ i, id, when }) => {
        return { id, rigId, procedure: 'trip evening', subjectId: 'x', stepId: `step ${i % 8}`, tickedAt: when }
      })
    put(ticked, (chunk) => writable.insert(ticks).values(chunk).run())
    const looked = rows
      .filter(({ i }) => i % 20 === 9)
      .map(({ i, id, when }) => {
        return { id, equipmentId: things[i % things.length]?.id ?? '', lookedAt: when, sound: true, note: null }
      })
    put(looked, (chunk) => writable.insert(equipmentLooks).values(chunk).run())
    const filled = rows
      .filter(({ i }) => i % 20 === 19)
      .map(({ i, id, when }) => {
        return { id, cylinderId: 'left', filledAt: when, mode: 'pump' as const, netKg: 8.5, paid: 12 + (i % 5) }
      })
    put(filled, (chunk) => writable.insert(fills).values(chunk).run())
  })
  for (let month = 1; month <= 60; month += 1) {
    const startDay = format(addDays(subDays(now, DAYS), month * 30), 'yyyy-MM-dd')
    const uses = demoAppliances.map(({ id, use: { byNight: _, ...use } }) => ({ applianceId: id, ...use }))
    addTrip(records, rigId, {
      name: `Trip ${month}`,
      startDay,
      nights: 3,
      altitudeM: 0,
      coldestK: 275,
      reserveShare: 0.2,
      uses,
    })
  }
}
