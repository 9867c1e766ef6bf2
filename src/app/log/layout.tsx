import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export default function LogLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        {sharedLabels.logbook} <span className="of">· what happened, and what is yours</span>
      </h1>
      <PageTabs
        label="Views of the logbook"
        tabs={[
          { href: '/log', label: 'What happened' },
          { href: '/log/gas', label: 'Gas and cost' },
          { href: '/log/dates', label: 'Dates' },
          { href: '/log/data', label: 'Your data' },
          { href: '/log/rigs', label: 'Rigs' },
        ]}
      />
      {children}
    </>
  )
}
