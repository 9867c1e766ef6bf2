import type { Metadata } from 'next'
import { GasBench } from './GasBench'
import { gasWorld } from './gasWorld'

export const metadata: Metadata = { title: 'Gas and cost' }

export default function GasPage() {
  return <GasBench world={gasWorld()} />
}
