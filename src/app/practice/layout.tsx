import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'

export default function PracticeLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Practice <span className="of">· find a fault, train for the bad day</span>
      </h1>
      <PageTabs
        label="Ways to practice"
        tabs={[
          { href: '/practice', label: 'Why no gas?' },
          { href: '/practice/drills', label: 'Drills' },
          { href: '/practice/rehearsal', label: 'Rehearsal' },
          { href: '/practice/faults', label: 'Faults' },
        ]}
      />
      {children}
    </>
  )
}
