import { addDays, format } from 'date-fns'
import type { Metadata } from 'next'
import { loadRigSnapshot } from '@/app/shared/pageData'
import { BeginBench } from './BeginBench'

export const metadata: Metadata = { title: 'Begin' }

/** Default start: a week ahead leaves time to fix what is found. */
const USUAL_DAYS = 7

export default function BeginPage() {
  const { rig, nowIso } = loadRigSnapshot()
  return (
    <BeginBench
      isFirst={!rig}
      suggestedDay={format(addDays(new Date(nowIso), USUAL_DAYS), 'yyyy-MM-dd')}
      thisMonth={nowIso.slice(0, 7)}
    />
  )
}
