'use client'

import { usePathname, useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import { kindInSentence } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Cylinder picker. Cylinders of another kind can be chosen too: the page then says why they cannot be filled. */
export function CylinderPicker({ gear, chosenId }: { gear: readonly CylinderGear[]; chosenId: string }) {
  const router = useRouter()
  const here = usePathname()
  return (
    <div className="cylinder-picker">
      <Form.Label htmlFor="fill-cylinder">{sharedLabels.onTheBench}</Form.Label>
      <Form.Select
        id="fill-cylinder"
        value={chosenId}
        onChange={(event) => router.push(`${here}?cylinder=${encodeURIComponent(event.target.value)}`)}
      >
        {gear.map(({ id, name, kind }) => (
          <option key={id} value={id}>
            {name} · {kindInSentence(kind)}
          </option>
        ))}
      </Form.Select>
    </div>
  )
}
