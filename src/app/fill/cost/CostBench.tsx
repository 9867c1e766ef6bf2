'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { fromUnit } from '@/core/units/convert'
import { BreakEvenBench } from './BreakEvenBench'
import { CostTable } from './CostTable'
import type { ListedOffer } from './listedOffer'
import { OfferForm } from './OfferForm'
import { PriceBoard } from './PriceBoard'
import { fillLabels } from '@/ui/terms/fillLabels'

/** A usual panel heater, where the rig has no appliance yet. */
const USUAL_HEATER_W = fromUnit(3000, 'power', 'btuh')

/** Where to fill: the owner's prices for what is really gained, for heat, and for an hour of it. */
export function CostBench({
  rigId,
  offers,
  held,
  heaters,
}: {
  rigId: string
  offers: readonly ListedOffer[]
  held: readonly { id: string; name: string; netKg: number }[]
  heaters: readonly { id: string; name: string; inputW: number }[]
}) {
  const [cylinderId, setCylinderId] = useState('')
  const [heaterId, setHeaterId] = useState(heaters[0]?.id ?? '')
  const [open, setOpen] = useState<string | null>(null)
  const heaterW = heaters.find(({ id }) => id === heaterId)?.inputW ?? USUAL_HEATER_W
  const residualKg = held.find(({ id }) => id === cylinderId)?.netKg ?? 0
  const changed = offers.find(({ id }) => id === open) ?? null
  return (
    <>
      <div className="fields narrow">
        <div>
          <Form.Label htmlFor="cost-cylinder">{fillLabels.whichCylinderGoes}</Form.Label>
          <Form.Select id="cost-cylinder" value={cylinderId} onChange={(event) => setCylinderId(event.target.value)}>
            <option value="">an empty one</option>
            {held.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}, as it is
              </option>
            ))}
          </Form.Select>
          <p className="hint mb-0">what is left in it is given away at an exchange</p>
        </div>
        <div>
          <Form.Label htmlFor="cost-heater">An hour of</Form.Label>
          <Form.Select id="cost-heater" value={heaterId} onChange={(event) => setHeaterId(event.target.value)}>
            {heaters.length === 0 && <option value="">a usual panel heater</option>}
            {heaters.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Form.Select>
        </div>
      </div>
      <CostTable offers={offers} residualKg={residualKg} heaterW={heaterW} change={setOpen} />
      {open === null ? (
        <Button className="mt-3" onClick={() => setOpen('new')}>
          {fillLabels.addAPrice}
        </Button>
      ) : (
        <OfferForm key={open} rigId={rigId} stored={changed} close={() => setOpen(null)} />
      )}
      <PriceBoard rigId={rigId} />
      <BreakEvenBench offers={offers} />
    </>
  )
}
