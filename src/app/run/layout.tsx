import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

export default function RunLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Run <span className="of">· what burns when, and the hour the gas ends</span>
      </h1>
      <PageTabs
        label={runLabels.viewsOfRunning}
        tabs={[
          { href: '/run', label: 'The nights' },
          { href: '/run/habits', label: sharedLabels.whatBurns },
          { href: '/run/weather', label: 'Weather' },
          { href: '/run/battery', label: '12 V' },
          { href: '/run/before', label: sharedLabels.beforeLeaving },
          { href: '/run/cylinder', label: 'One cylinder' },
          { href: '/run/driving', label: 'Driving' },
          { href: '/run/co2', label: 'CO2' },
        ]}
      />
      {children}
    </>
  )
}
