import { format, parseISO } from 'date-fns'
import type { Contents } from '@/core/cylinders/contents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/gear'
import type { DisplayRole } from '@/core/findings/quantity'
import { Amount } from '@/ui/Amount'
import { CylinderDrawing } from '@/ui/CylinderDrawing'
import { useLevels } from './useLevels'

/** The cylinder itself: its liquid, the mark of its limit, and its stamps below. */
export function CylinderOnBench({
  gear,
  held,
  temperatureText,
  manufacturedMonth,
  specification,
}: {
  gear: CylinderGear
  held: Contents | null
  temperatureText: string
  manufacturedMonth: string | null
  specification: string | null
}) {
  const { small, gas } = kindFacts[gear.kind]
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const { level, limitLevel } = useLevels(gas, held, gear.waterCapacityKg, temperatureText)
  return (
    <figure className="drawing mb-0">
      <CylinderDrawing kind={gear.kind} level={level} limitLevel={limitLevel} title={`${gear.name} with its level`} />
      <figcaption>
        TW <Amount quantity={{ value: gear.tareKg, role: massRole }} /> · WC{' '}
        <Amount quantity={{ value: gear.waterCapacityKg, role: massRole }} />
        <br />
        {manufacturedMonth ? `made ${format(parseISO(manufacturedMonth), 'MMM yyyy')}` : 'month of make not known'}
        {specification && ` · ${specification}`}
        {limitLevel !== null && (
          <>
            <br />
            red mark: level at the fill limit
          </>
        )}
      </figcaption>
    </figure>
  )
}
