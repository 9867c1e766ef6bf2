'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { kindFacts, supplies } from '@/core/cylinders/cylinderKind'
import { aloneOnSupply } from '@/core/appliances/runtimeSlip'
import { applianceTraits } from '@/core/appliances/applianceKinds'
import { AssumedText } from '@/ui/figures/AssumedText'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { supplyOptionLabels } from '@/app/run/runAppliance'
import type { RunPageData } from '@/app/run/runPageData'
import type { RunEditor } from '@/app/run/useRunEditor'
import { ApplianceForm } from './ApplianceForm'
import { HabitFields } from './HabitFields'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** What burns in this rig, when it does on the trip, and how long each would run alone on what comes along. */
export function Appliances({ data, editor }: { data: RunPageData; editor: RunEditor | null }) {
  const { rigId, appliances, rig } = data
  const [editing, setEditing] = useState<string | null>(null)
  const close = (): void => setEditing(null)
  const propane = rig.cylinders.filter(({ kind }) => kindFacts[kind].supply === 'line')
  return (
    <section className="mt-4" aria-label="Appliances">
      <h2>Appliances</h2>
      {supplies.flatMap((supply) =>
        appliances
          .filter((appliance) => appliance.supply === supply)
          .map((appliance) => {
            const { id, name, kind, inputW, sources, pilotW, cylinderId } = appliance
            const ownRuntime = aloneOnSupply(rig.cylinders, appliance)
            if (editing === id) {
              return <ApplianceForm key={id} rigId={rigId} stored={appliance} cylinders={propane} close={close} />
            }
            return (
              <article className="appliance-card" key={id} aria-label={name}>
                <div className="appliance-row">
                  <span>
                    <strong>{name}</strong>
                    <span className="hint d-block">{applianceTraits[kind].name}</span>
                  </span>
                  <span>
                    <Amount quantity={{ value: inputW, role: 'power' }} />{' '}
                    <AssumedText source={sources.inputW} role="power" />
                    {pilotW > 0 && (
                      <>
                        , pilot <Amount quantity={{ value: pilotW, role: 'power' }} />
                      </>
                    )}
                    <span className="hint d-block">
                      {cylinderId
                        ? `on ${rig.cylinders.find((one) => one.id === cylinderId)?.name ?? 'its own cylinder'} alone`
                        : supplyOptionLabels[supply]}
                    </span>
                  </span>
                  <span>
                    {ownRuntime ? (
                      <span className="large">
                        <FigureButton figure={ownRuntime} />
                      </span>
                    ) : (
                      'not known'
                    )}
                    <span className="hint d-block">alone, on all that comes along</span>
                  </span>
                  <Button variant="bare" size="sm" onClick={() => setEditing(id)}>
                    {sharedLabels.change} <span className="visually-hidden">{name}</span>
                  </Button>
                </div>
                {editor && <HabitFields editor={editor} appliance={appliance} />}
              </article>
            )
          }),
      )}
      {editing === 'new' ? (
        <ApplianceForm rigId={rigId} stored={null} cylinders={propane} close={close} />
      ) : (
        <Button className="mt-3" onClick={() => setEditing('new')}>
          {sharedLabels.addAnAppliance}
        </Button>
      )}
    </section>
  )
}
