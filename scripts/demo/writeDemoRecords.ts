import { fromUnit } from '@/core/units/convert'
import { addDays, format, nextFriday, subDays, subHours } from 'date-fns'
import { contents } from '@/core/cylinders/contents/contents'
import { contentsInput } from '@/core/cylinders/contents/gearContents'
import { addAppliance } from '@/records/repositories/trips/appliances'
import { addCylinder } from '@/records/repositories/cylinders/cylinders'
import type { Database } from '@/records/databaseType'
import { addEquipment, addEquipmentLook } from '@/records/repositories/cylinders/equipment'
import { addFill } from '@/records/repositories/cylinders/fills'
import { addInspection } from '@/records/repositories/cylinders/inspections'
import { addMark } from '@/records/repositories/cylinders/marks'
import { addOffer } from '@/records/repositories/cylinders/offers'
import { addRig, saveRig, writeFact } from '@/records/repositories/rigs/rigs'
import { addTrip } from '@/records/repositories/trips/trips'
import { addWeighing } from '@/records/repositories/cylinders/weighings'
import { loadDemoHeat } from './demoHeat'
import { loadDemoLines } from './demoLines'
import { loadDemoPast } from './demoPast'
import { demoAppliances, demoBattery, demoForecast } from './demoRun'
import { answersOf, demoCylinders, demoEquipment, demoOffers, type DemoCylinder } from './demoGear'
import { write } from '@/records/write'

const NIGHTS = 4

function loadCylinder(records: Database, rigId: string, demo: DemoCylinder, ago: (days: number) => string): void {
  const { id: cylinderId, entry, marks = [], look, weighings, refilledDaysAgo } = demo
  addCylinder(records, rigId, entry, cylinderId)
  for (const mark of marks) {
    addMark(records, { ...mark, cylinderId, enteredAt: ago(400), form: 'stamp', photoId: null })
  }
  if (look) {
    const answers = answersOf(entry.kind, look.bad)
    addInspection(records, { cylinderId, lookedAt: ago(look.daysAgo), answers, note: null, clearedBy: null })
  }
  for (const { grossKg, daysAgo } of weighings) {
    addWeighing(records, { cylinderId, grossKg, hangingKg: 0, source: 'scale', weighedAt: ago(daysAgo) })
  }
  if (refilledDaysAgo !== undefined) {
    const weighing = { grossKg: entry.tareKg + 0.33, hangingKg: 0, source: 'scale' } as const
    const { netKg } = contents(contentsInput(entry, weighing))
    addFill(
      records,
      {
        cylinderId,
        filledAt: ago(refilledDaysAgo),
        mode: 'bottles',
        netKg,
        meteredM3: null,
        shownBefore: null,
        paid: null,
        note: null,
      },
      { weighing },
    )
  }
}

/**
 * Writes the demo rig into empty records: a retired mobile library on its way to watch a comet.
 *
 * @param now - the trip leaves on the next Friday, and the weighings are earlier
 */
export function writeDemoRecords(records: Database, now: Date): void {
  // Hundreds of rows in one transaction.
  write(records, () => writeDemoWorld(records, now))
}

function writeDemoWorld(records: Database, now: Date): void {
  const ago = (days: number): string => subHours(subDays(now, days), 3).toISOString()
  writeFact(records, 'demo', 'yes')
  const rig = addRig(records, 'Marigold', 'marigold')
  for (const cylinder of demoCylinders) loadCylinder(records, rig.id, cylinder, ago)
  const equipmentIds = new Map<string, string>()
  for (const { entry, lookDaysAgo } of demoEquipment) {
    const { id } = addEquipment(records, rig.id, entry)
    equipmentIds.set(entry.name, id)
    if (lookDaysAgo !== null) {
      addEquipmentLook(records, { equipmentId: id, lookedAt: ago(lookDaysAgo), sound: true, note: null })
    }
  }
  for (const offer of demoOffers) addOffer(records, rig.id, offer)
  for (const { id, entry } of demoAppliances) addAppliance(records, rig.id, entry, id)
  saveRig(records, rig.id, 1, { battery: demoBattery })
  loadDemoLines(records, rig.id, now, { equipment: (name) => equipmentIds.get(name) ?? '' })
  loadDemoHeat(records, rig.id, ago)
  const startDay = format(nextFriday(addDays(now, 3)), 'yyyy-MM-dd')
  addTrip(
    records,
    rig.id,
    {
      name: 'Larkspur Saddle',
      startDay,
      nights: NIGHTS,
      altitudeM: fromUnit(7900, 'length', 'ft'),
      coldestK: fromUnit(16, 'temperature', 'F'),
      reserveShare: 0.2,
      uses: demoAppliances.map(({ id, use }) => ({ applianceId: id, ...use })),
      forecast: demoForecast(startDay, NIGHTS),
    },
    'larkspur',
  )
  loadDemoPast(records, rig.id, now)
}
