import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { StationTabs } from '@/app/cylinders/CylinderTabs'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { RuleForm } from './RuleForm'

export const metadata: Metadata = { title: 'Date rules' }

export default function RulesPage() {
  const { rig } = loadRigSnapshot()
  if (!rig) redirect('/')
  return (
    <>
      <h1>
        Cylinders <span className="of">· until when they may be filled</span>
      </h1>
      <StationTabs />
      <RuleForm key={rig.version} rig={rig} />
    </>
  )
}
