import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Practice' }

const steps = [
  'No gas anywhere: changeover on the empty side, valve shut, cylinder empty, or a flow limit tripped by opening too fast.',
  'Weak everywhere: cold or nearly empty cylinder, or the regulator.',
  'Weak at one appliance: its filter, its orifice, a kinked hose, or a second regulator in the way.',
  'Stops at night with gas left: flat battery, or the cylinder too cold to boil.',
]

export default function PracticePage() {
  return (
    <NotBuilt
      station="practice"
      purpose="It will let you drill faults on a simulated rig."
      steps={steps}
      caution="With a smell of gas, do not diagnose: everybody out first. See Emergency above."
    />
  )
}
