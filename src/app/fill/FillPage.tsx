import type { ReactNode } from 'react'
import type { FillMode } from '@/core/fill/fillModes'
import { CylinderPicker } from './CylinderPicker'
import { FillSteps } from './FillSteps'
import type { FillPageData } from './fillPageData'

/** Page of one way to fill: picker above, procedure and cautions below. */
export function FillPage({
  mode,
  data,
  cylinderId,
  stopped,
  children,
}: {
  mode: FillMode
  data: FillPageData
  cylinderId: string
  stopped: boolean
  children: ReactNode
}) {
  return (
    <>
      <CylinderPicker gear={data.gear} chosenId={cylinderId} />
      {children}
      <FillSteps
        key={`${cylinderId} ${data.ticks.length}`}
        mode={mode}
        rigId={data.rig.id}
        cylinderId={cylinderId}
        ticks={data.ticks}
        stopped={stopped}
      />
    </>
  )
}
