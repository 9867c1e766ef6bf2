'use client'

import { Link } from '@/ui/shell/Link'
import Form from 'react-bootstrap/Form'
import { InputError } from '@/core/base/InputError'
import { lossSlip, type LossReading } from '@/core/leak-test/loss/lossSlip'
import type { Slip } from '@/core/rules/figure'
import { formatQuantity } from '@/core/units/formatQuantity'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity, typedOf, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useSessionState } from '@/ui/state/useSessionState'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** A reading with the day of the owner’s calendar. */
export interface DatedReading extends LossReading {
  day: string
}

export interface LossVessel {
  id: string
  name: string
  small: boolean
  isCo2: boolean
  isTank: boolean
  /** Newest first. */
  readings: readonly DatedReading[]
  pricePerKg: number | null
}

/** What a vessel at rest loses between two of its readings: a leak too slow for soap, or gas without a smell. */
export function LossBench({ vessels }: { vessels: readonly LossVessel[] }) {
  const { system } = useUnits()
  const read = vessels.filter(({ readings }) => readings.length >= 2)
  const [vesselId, setVesselId] = useSessionState('loss vessel', '')
  const vessel = read.find(({ id }) => id === vesselId) ?? read[0]
  const [earlierAt, setEarlierAt] = useSessionState<string | null>(`loss earlier ${vessel?.id}`, null)
  const [laterAt, setLaterAt] = useSessionState<string | null>(`loss later ${vessel?.id}`, null)
  const [price, setPrice] = useSessionState<TypedQuantity | null>(`loss price ${vessel?.id}`, null)
  if (!vessel) {
    return (
      <p className="lead">
        A loss needs two readings of one vessel at rest, some days apart: its weight, or a fixed tank’s gauge.{' '}
        <Link className="btn btn-quiet" href="/cylinders">
          Weigh one
        </Link>
      </p>
    )
  }
  const role = vessel.small ? 'bottleMass' : 'cylinderMass'
  const later = vessel.readings.find(({ at }) => at === laterAt) ?? vessel.readings[0]
  const earlier = vessel.readings.find(({ at }) => at === earlierAt) ?? vessel.readings[1]
  const shownPrice = price ?? typedOf(vessel.pricePerKg, 'pricePerMass', system)
  const priceRead = readQuantity(shownPrice, 'pricePerMass')
  let slip: Slip | null = null
  let issue: string | null = null
  try {
    if (earlier && later) slip = lossSlip(earlier, later, priceRead.value, vessel.small)
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    issue = error.message
  }
  const words = ({ day, netKg }: DatedReading): string => `${day}, ${formatQuantity({ value: netKg, role }, system)}`
  const choice = (id: string, label: string, value: DatedReading | undefined, set: (at: string) => void) => (
    <div>
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Select id={id} value={value?.at ?? ''} onChange={(event) => set(event.target.value)}>
        {vessel.readings.map((reading) => (
          <option key={reading.at} value={reading.at}>
            {words(reading)}
          </option>
        ))}
      </Form.Select>
    </div>
  )
  return (
    <div className="bench-and-slip">
      <div>
        <p className="lead">
          Valves shut, nothing burned in between.{' '}
          {vessel.isCo2 ? 'CO2 has no smell: the scale tells what soap may miss.' : ''}
        </p>
        <div className="fields narrow">
          <div>
            <Form.Label htmlFor="loss-vessel">Vessel</Form.Label>
            <Form.Select id="loss-vessel" value={vessel.id} onChange={(event) => setVesselId(event.target.value)}>
              {read.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </div>
          {choice('loss-earlier', 'Earlier reading', earlier, setEarlierAt)}
          {choice('loss-later', 'Later reading', later, setLaterAt)}
          <QuantityField
            label={sharedLabels.price}
            optional
            role="pricePerMass"
            typed={shownPrice}
            issue={null}
            onTyped={setPrice}
          />
        </div>
        {issue && (
          <p className="issue" role="alert">
            {issue}
          </p>
        )}
        <p className="hint mt-3">
          {vessel.isTank
            ? 'A dial is not sure to a few parts in a hundred: let days pass until the loss is larger than that.'
            : 'A scale is sure to its step: let days pass until the loss is several steps.'}{' '}
          A vessel that loses gas stands outdoors, shut, until its valve was soaped.
        </p>
      </div>
      <div className="slip-side">
        <SlipPaper title={vessel.name} sub="what it lost at rest" slip={slip} />
      </div>
    </div>
  )
}
