import { AssumedPlace } from '@/app/shared/AssumedPlace'
import type { ReactNode } from 'react'
import { PageTabs } from '@/ui/shell/PageTabs'
import { heatLabels } from '@/ui/terms/heatLabels'

export default function HeatLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <h1>
        Heat &amp; air <span className="of">· where it stands, what is open, what one breathes</span>
      </h1>
      <PageTabs
        label="Views of heat and air"
        keep="room"
        tabs={[
          { href: '/heat', label: 'Room and heater' },
          { href: '/heat/air', label: heatLabels.openingsAndAir },
          { href: '/heat/warm-up', label: 'Warm-up log' },
          { href: '/heat/choose', label: 'Which heater' },
          { href: '/heat/lighting', label: 'Light and stop' },
          { href: '/heat/heaters', label: 'Heaters' },
        ]}
      />
      <AssumedPlace />
      {children}
    </>
  )
}
