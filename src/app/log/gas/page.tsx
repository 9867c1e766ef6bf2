import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { gasOfTrips } from '@/services/log/gasOfTrips'
import { GasBench } from './GasBench'

export const metadata: Metadata = { title: 'Gas and cost' }

export default function GasPage() {
  const { rig, nowIso } = loadRigSnapshot()
  if (!rig) redirect('/')
  return <GasBench data={gasOfTrips(rig.id, nowIso)} />
}
