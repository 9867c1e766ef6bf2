import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Heat and air' }

const steps = [
  'A working CO alarm at sleeping height and a gas alarm near the floor, both tested today and within their dates.',
  'Clearances from the heater’s manual on all sides, in front most of all; count curtains and bedding where they can swing.',
  'Two openings to the outside, one low and one high, of the area the manual asks for, free of ice and tape.',
  'Above the altitude in the manual a cut-off heater is not used.',
  'Warm up, switch off, shut the cylinder valve, then sleep.',
]

export default function HeatPage() {
  return (
    <NotBuilt
      station="heat"
      purpose="It will place the heater, count the openings and follow the air of the room."
      steps={steps}
      caution="The heater’s manual comes first. Do not sleep with an unvented heater lit."
    />
  )
}
