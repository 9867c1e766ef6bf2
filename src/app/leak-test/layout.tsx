import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'

export default function LeakTestLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Leak test <span className="of">· closed when every place reads none</span>
      </h1>
      <PageTabs
        label="Ways of testing"
        keep="line"
        tabs={[
          { href: '/leak-test', label: 'Soap, place by place' },
          { href: '/leak-test/hold', label: 'Hold its pressure' },
          { href: '/leak-test/loss', label: 'Loss over days' },
        ]}
      />
      {children}
    </>
  )
}
