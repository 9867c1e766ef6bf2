import type { Metadata } from 'next'
import { NotBuilt } from '@/app/NotBuilt'

export const metadata: Metadata = { title: 'Logbook' }

const steps = [
  'Weigh before and after a trip: each cylinder keeps its history under Cylinders.',
  'Note leak tests, repairs and new hoses with their date on paper for now.',
  'The records lie in one file, data/gold-kettle.db; a copy of it made while the program is stopped is a backup.',
]

export default function LogPage() {
  return (
    <NotBuilt
      station="log"
      purpose="It will hold everything that happened, to search and to export."
      steps={steps}
      caution="Each cylinder’s weighings are kept already and stand on its own page."
    />
  )
}
