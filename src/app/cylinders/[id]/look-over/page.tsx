import type { Metadata } from 'next'
import { judgeLookOver, lookOverItems } from '@/core/cylinders/inspection/lookOverItems'
import { gearRequalification } from '@/core/cylinders/dates/requalification'
import { requireCylinder } from '@/app/cylinders/requireCylinder'
import { DueWords } from '@/app/cylinders/DueWords'
import { loadWorld } from '@/app/shared/world'
import { ClearForm } from './ClearForm'
import { LookForm } from './LookForm'

export const metadata: Metadata = { title: 'Look-over' }

export default async function LookOverPage({ params }: { params: Promise<{ id: string }> }) {
  const { gear } = requireCylinder((await params).id)
  const { nowIso } = loadWorld()
  const { retiredBy, lastLook } = gear.fitness
  return (
    <>
      {retiredBy && (
        <ClearForm
          cylinderId={gear.id}
          name={gear.name}
          found={judgeLookOver(gear.kind, retiredBy.answers).retiring.map(({ title }) => title)}
          retiredAt={retiredBy.lookedAt}
        />
      )}
      <p className="mb-2">
        First the date: <DueWords {...gearRequalification(gear, nowIso.slice(0, 10))} />
      </p>
      <LookForm
        key={lastLook?.lookedAt ?? 'first'}
        cylinderId={gear.id}
        name={gear.name}
        items={lookOverItems(gear.kind)}
        last={lastLook}
      />
    </>
  )
}
