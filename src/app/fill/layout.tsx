import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'
import { fillLabels } from '@/ui/terms/fillLabels'

export default function FillLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Fill <span className="of">· to the mark, and no further</span>
      </h1>
      <PageTabs
        label="Ways of filling"
        keep="cylinder"
        tabs={[
          { href: '/fill', label: fillLabels.atThePump },
          { href: '/fill/by-weight', label: fillLabels.byWeight },
          { href: '/fill/onboard', label: 'Onboard tank' },
          { href: '/fill/bottles', label: fillLabels.smallBottles },
          { href: '/fill/co2', label: 'CO2' },
          { href: '/fill/cost', label: 'What it costs' },
          { href: '/fill/carrying', label: 'Carrying' },
        ]}
      />
      {children}
    </>
  )
}
