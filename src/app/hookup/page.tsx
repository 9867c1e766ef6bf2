import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Hook-up' }

const steps = [
  'Go along the line from the cylinder: valve, pigtail, regulator or changeover, main line, branches, appliances.',
  'Every joint: the same thread on both sides? Tape only on tapered pipe thread, never on a flare, compression or hand-wheel joint.',
  'Regulator vent points down and is covered. No hose is stiff, cracked, chafed or over five years old.',
  'Nothing at cylinder pressure inside the living space. Every open end has a plug or cap; a shut valve is not a plug.',
  'What you do not know, treat as wrong until someone has looked.',
]

export default function HookupPage() {
  return (
    <NotBuilt
      station="hookup"
      purpose="It will judge every joint, every pressure and the flow along the line."
      steps={steps}
      caution="Fixed piping, regulators inside walls and vessels belong to a licensed technician."
    />
  )
}
