import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'

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
          { href: '/fill', label: 'At the pump' },
          { href: '/fill/by-weight', label: 'By weight' },
          { href: '/fill/onboard', label: 'Onboard tank' },
          { href: '/fill/bottles', label: 'Small bottles' },
          { href: '/fill/co2', label: 'CO2' },
          { href: '/fill/cost', label: 'What it costs' },
          { href: '/fill/carrying', label: 'Carrying' },
        ]}
      />
      {children}
    </>
  )
}
