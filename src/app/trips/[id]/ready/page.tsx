import type { Metadata } from 'next'
import { ReadyView } from '@/app/trips/verdict/ReadyView'
import { tripWorld } from '@/app/trips/tripWorld'

export const metadata: Metadata = { title: 'Ready?' }

export default async function ReadyPage({ params }: { params: Promise<{ id: string }> }) {
  return <ReadyView world={tripWorld((await params).id)} />
}
