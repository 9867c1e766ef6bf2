import type { ReactNode } from 'react'
import type { FillMode } from '@/core/fill/fillModes'
import { CylinderPicker } from './CylinderPicker'
import { FillSteps } from './FillSteps'
import type { FillPageData } from './fillPageData'

/** Page of one way to fill: picker above, procedure and cautions below. */
export function FillPage({
  mode,
  world,
  cylinderId,
  stopped,
  children,
}: {
  mode: FillMode
  world: FillPageData
  cylinderId: string
  stopped: boolean
  children: ReactNode
}) {
  return (
    <>
      <CylinderPicker gear={world.gear} chosenId={cylinderId} />
      {children}
      <FillSteps
        key={`${cylinderId} ${world.ticks.length}`}
        mode={mode}
        rigId={world.rig.id}
        cylinderId={cylinderId}
        ticks={world.ticks}
        stopped={stopped}
      />
    </>
  )
}
