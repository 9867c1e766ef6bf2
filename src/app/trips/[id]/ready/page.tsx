import type { Metadata } from 'next'
import { ReadyView } from '@/app/trips/verdict/ReadyView'
import { tripPageData } from '@/app/trips/tripPageData'

export const metadata: Metadata = { title: 'Ready?' }

export default async function ReadyPage({ params }: { params: Promise<{ id: string }> }) {
  return <ReadyView data={tripPageData((await params).id)} />
}
