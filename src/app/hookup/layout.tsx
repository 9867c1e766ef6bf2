import { AssumedPlace } from '@/app/shared/AssumedPlace'
import '@xyflow/react/dist/style.css'

import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'
import { hookupLabels } from '@/ui/terms/hookupLabels'

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
          { href: '/hookup', label: hookupLabels.theLine },
          { href: '/hookup/joints', label: hookupLabels.joints },
          { href: '/hookup/flow', label: hookupLabels.flowAndPressure },
        ]}
      />
      <AssumedPlace withCold />
      {children}
    </>
  )
}
