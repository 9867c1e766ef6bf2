import type { Metadata } from 'next'
import { GasBench } from './GasBench'
import { gasPageData } from './gasPageData'

export const metadata: Metadata = { title: 'Gas and cost' }

export default function GasPage() {
  return <GasBench data={gasPageData()} />
}
