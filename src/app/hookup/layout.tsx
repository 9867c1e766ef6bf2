import '@xyflow/react/dist/style.css'

import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'

export default function HookupLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Hook-up <span className="of">· the line, joint by joint</span>
      </h1>
      <PageTabs
        label="Views of the line"
        keep="line"
        tabs={[
          { href: '/hookup', label: 'The line' },
          { href: '/hookup/joints', label: 'Joints' },
          { href: '/hookup/flow', label: 'Flow and pressure' },
        ]}
      />
      {children}
    </>
  )
}
