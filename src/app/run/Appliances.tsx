'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { supplies } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/gear'
import { aloneOnSupply } from '@/core/running/aloneOnSupply'
import { Amount } from '@/ui/Amount'
import { FigureButton } from '@/ui/FigureButton'
import { ApplianceForm } from './ApplianceForm'
import { supplyWords, type RunAppliance } from './runAppliance'

/** What burns in this rig, and how long each would run alone on what comes along. */
export function Appliances({
  rigId,
  appliances,
  cylinders,
}: {
  rigId: string
  appliances: readonly RunAppliance[]
  cylinders: readonly CylinderGear[]
}) {
  const [editing, setEditing] = useState<string | null>(null)
  const close = (): void => setEditing(null)
  return (
    <section className="mt-4" aria-label="Appliances">
      <h2>Appliances</h2>
      {supplies.flatMap((supply) =>
        appliances
          .filter((appliance) => appliance.supply === supply)
          .map((appliance) => {
            const alone = aloneOnSupply(cylinders, appliance)
            if (editing === appliance.id) {
              return <ApplianceForm key={appliance.id} rigId={rigId} stored={appliance} close={close} />
            }
            return (
              <div className="appliance-row" key={appliance.id}>
                <strong>{appliance.name}</strong>
                <span>
                  <Amount quantity={{ value: appliance.inputW, role: 'power' }} />{' '}
                  <span className="hint d-block">{supplyWords[supply]}</span>
                </span>
                <span>
                  {alone ? (
                    <span className="large">
                      <FigureButton figure={alone} />
                    </span>
                  ) : (
                    'not known'
                  )}
                  <span className="hint d-block">alone, on all that comes along</span>
                </span>
                <Button variant="bare" size="sm" onClick={() => setEditing(appliance.id)}>
                  Change <span className="visually-hidden">{appliance.name}</span>
                </Button>
              </div>
            )
          }),
      )}
      {editing === 'new' ? (
        <ApplianceForm rigId={rigId} stored={null} close={close} />
      ) : (
        <Button className="mt-3" onClick={() => setEditing('new')}>
          Add an appliance
        </Button>
      )}
    </section>
  )
}
