'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { runtimeSlip } from '@/core/appliances/runtimeSlip'
import { InputError } from '@/core/base/InputError'
import type { DisplayRole } from '@/core/base/quantity'
import type { Slip } from '@/core/rules/figure'
import type { UnitSystem } from '@/core/units/displayRoles'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity, typedOf, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useUnits } from '@/ui/state/UnitsProvider'
import type { RunAppliance } from '@/app/run/runAppliance'
import { runLabels } from '@/ui/terms/runLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

function gasOf(cylinder: CylinderGear, system: UnitSystem): TypedQuantity {
  const role: DisplayRole = kindFacts[cylinder.kind].small ? 'bottleMass' : 'cylinderMass'
  return typedOf(gearContents(cylinder)?.netKg ?? 0, role, system)
}

function inputOf({ inputW }: RunAppliance, system: UnitSystem): TypedQuantity {
  return typedOf(inputW, 'power', system)
}

/** Runtime at a constant draw. */
export function RuntimeBench({
  appliances,
  cylinders,
}: {
  appliances: readonly RunAppliance[]
  cylinders: readonly CylinderGear[]
}) {
  const { system } = useUnits()
  const propane = cylinders.filter(({ kind }) => kindFacts[kind].gas === 'propane')
  const first = propane.find((cylinder) => gearContents(cylinder) !== null)
  const [small, setSmall] = useState(first !== undefined && kindFacts[first.kind].small)
  const [gas, setGas] = useState(first ? gasOf(first, system) : nothingTyped)
  const [input, setInput] = useState(appliances[0] ? inputOf(appliances[0], system) : nothingTyped)
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const gasRead = readQuantity(gas, massRole)
  const inputRead = readQuantity(input, 'power')

  let slip: Slip | null = null
  let refusal: InputError | null = null
  try {
    if (gasRead.value !== null && inputRead.value !== null) slip = runtimeSlip(gasRead.value, inputRead.value, small)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    refusal = error
  }
  const refusedAt = (path: string): string | null =>
    refusal?.issues.find((issue) => issue.path === path)?.message ?? null

  const takeCylinder = (id: string): void => {
    const cylinder = propane.find((candidate) => candidate.id === id)
    if (!cylinder) return
    setSmall(kindFacts[cylinder.kind].small)
    setGas(gasOf(cylinder, system))
  }
  const takeAppliance = (id: string): void => {
    const appliance = appliances.find((candidate) => candidate.id === id)
    if (appliance) setInput(inputOf(appliance, system))
  }

  return (
    <div className="bench-and-slip">
      <section aria-label="Runtime">
        <div className="fields">
          <div>
            <QuantityField
              label={sharedLabels.gas}
              role={massRole}
              typed={gas}
              issue={refusedAt('massKg')}
              onTyped={setGas}
              hint="such as 13.6 lb or 16.4 oz"
            />
            <Form.Label htmlFor="from-cylinder" className="mt-2">
              or what is in
            </Form.Label>
            <Form.Select id="from-cylinder" value="" onChange={(event) => takeCylinder(event.target.value)}>
              <option value="">choose a cylinder …</option>
              {propane.map((cylinder) => (
                <option key={cylinder.id} value={cylinder.id} disabled={gearContents(cylinder) === null}>
                  {cylinder.name}
                </option>
              ))}
            </Form.Select>
          </div>
          <div>
            <QuantityField
              label={sharedLabels.burning}
              role="power"
              typed={input}
              issue={refusedAt('inputW')}
              onTyped={setInput}
              hint="such as 9,000 BTU/h or 2.6 kW"
            />
            <Form.Label htmlFor="from-appliance" className="mt-2">
              or
            </Form.Label>
            <Form.Select id="from-appliance" value="" onChange={(event) => takeAppliance(event.target.value)}>
              <option value="">choose an appliance …</option>
              {appliances.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </div>
        </div>
      </section>
      <SlipPaper title={runLabels.howLongItLasts} sub="at a steady draw" slip={slip}>
        {!slip && <p className="mb-0">Give the gas and what burns: the sum appears here.</p>}
      </SlipPaper>
    </div>
  )
}
