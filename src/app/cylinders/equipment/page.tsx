import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { equipmentFindings } from '@/core/cylinders/equipment/equipmentFindings'
import { answeredAtHookup } from '@/core/trip/readiness/answeredAtHookup'
import { tripEndDay } from '@/core/time/day'
import { StationTabs } from '@/app/cylinders/CylinderTabs'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { FindingList } from '@/ui/figures/FindingList'
import { NoneNeeded } from './NoneNeeded'
import { EquipmentList } from './EquipmentList'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export const metadata: Metadata = { title: 'Hoses, regulators, alarms' }

export default function EquipmentPage() {
  const { rig, equipment, lines, trip, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  const today = nowIso.slice(0, 10)
  const untilDay = trip ? tripEndDay(trip.row.startDay, trip.row.nights) : today
  return (
    <>
      <h1>
        Cylinders <span className="of">· hoses, regulators, alarms</span>
      </h1>
      <StationTabs />
      <EquipmentList rigId={rig.id} equipment={equipment} thisMonth={today.slice(0, 7)} />
      <NoneNeeded rig={rig} entered={equipment.map(({ kind }) => kind)} />
      <section className="mt-4" aria-label={sharedLabels.findings}>
        <FindingList
          findings={equipmentFindings(
            equipment,
            nowIso,
            untilDay,
            answeredAtHookup({ lines, equipment, noneNeeded: rig.noneNeeded }),
          )}
        />
      </section>
    </>
  )
}
