import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Leak test' }

const steps = [
  'Nose first, then soap: a drop of dish soap in a little water, or a bought solution for the cold.',
  'Open the cylinder slowly, appliances off, and daub every joint and valve stem from the cylinder on.',
  'Any bubble: shut the valve, mend that joint, soap it again.',
  'Closed only when every joint shows none. Then light one appliance.',
  'Again after every refill, and on arrival after rough roads.',
]

export default function LeakTestPage() {
  return (
    <NotBuilt
      station="leak-test"
      purpose="It will walk you along the joints and keep the result."
      steps={steps}
      caution="Never a match. A leak at the vessel itself is left to the supplier’s technician."
    />
  )
}
