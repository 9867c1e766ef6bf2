'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { fillFindings } from '@/core/fill/fillFindings'
import { WeighFill } from '@/app/fill/WeighFill'
import { fillLabels } from '@/ui/terms/fillLabels'

/** CO2 by weight, with a note why never by pressure. */
export function Co2Bench({ gear, today }: { gear: CylinderGear; today: string }) {
  const [by, setBy] = useState<'weight' | 'pressure'>('weight')
  return (
    <>
      <div className="cylinder-picker">
        <Form.Label htmlFor="co2-by">{fillLabels.howTheFillerMeasures}</Form.Label>
        <Form.Select id="co2-by" value={by} onChange={(event) => setBy(event.target.value as typeof by)}>
          <option value="weight">on a scale</option>
          <option value="pressure">by the pressure gauge</option>
        </Form.Select>
      </div>
      <WeighFill gear={gear} mode="co2" share={1} by={by} findings={fillFindings(gear, { mode: 'co2', by }, today)}>
        <p className="hint mt-2">
          Full to its limit it goes liquid-full near 80 °F and shows about 2,260 psi at 130 °F: that is as it should be,
          and no room is left for more.
        </p>
      </WeighFill>
    </>
  )
}
