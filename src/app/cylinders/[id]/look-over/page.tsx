import type { Metadata } from 'next'
import { evaluateInspection, inspectionItems } from '@/core/cylinders/inspection/inspectionItems'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { requireCylinder } from '@/app/shared/pageData'
import { DueText } from '@/app/cylinders/DueText'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { ClearForm } from './ClearForm'
import { InspectionForm } from './InspectionForm'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

export const metadata: Metadata = { title: cylindersLabels.lookOver }

export default async function InspectionPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear } = requireCylinder((await params).id)
  const { nowIso } = loadRigSnapshot()
  const { retiredBy, lastLook } = gear.fitness
  return (
    <>
      {retiredBy && (
        <ClearForm
          cylinderId={gear.id}
          name={gear.name}
          found={evaluateInspection(gear.kind, retiredBy.answers).disqualifying.map(({ title }) => title)}
          retiredAt={retiredBy.lookedAt}
        />
      )}
      <p className="mb-2">
        First the date: <DueText {...gearRequalification(gear, nowIso.slice(0, 10))} />
      </p>
      <InspectionForm
        key={lastLook?.lookedAt ?? 'first'}
        cylinderId={gear.id}
        name={gear.name}
        items={inspectionItems(gear.kind)}
        last={lastLook}
      />
    </>
  )
}
