import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Fill' }

const steps = [
  'Read the date on the collar: an overdue cylinder may be used up, not filled.',
  'Stop weight = tare + 42 % of the water capacity + whatever else hangs on the scale. For CO2 it is 68 %.',
  'Appliances and pilots out, nobody in the rig, engine off.',
  'Stop at the weight, or at the first white spray from the bleeder; filler shut first, then bleeder, then cylinder valve.',
  'Plug or cap back on, soap the valve, weigh once more and enter the weight under Cylinders.',
]

export default function FillPage() {
  return (
    <NotBuilt
      station="fill"
      purpose="It will give the stop weight, the volume limit and the steps at the pump."
      steps={steps}
      caution="The filler’s own rules and the stamps on the cylinder come first. Outdoors, no flame, gloves and eye cover."
    />
  )
}
