import { AssumedPlace } from '@/app/shared/AssumedPlace'
import type { ReactNode } from 'react'
import { kindInSentence } from '@/core/cylinders/cylinderKind'
import { CylinderTabs } from '@/app/cylinders/CylinderTabs'
import { requireCylinder } from '@/app/shared/pageData'

export default async function CylinderLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>
  children: ReactNode
}) {
  const { id } = await params
  const { name, kind } = requireCylinder(id).gear
  return (
    <>
      <h1>
        {name} <span className="of">· {kindInSentence(kind)}</span>
      </h1>
      <CylinderTabs id={id} kind={kind} />
      <AssumedPlace />
      {children}
    </>
  )
}
