'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { voidWeighingAction } from '@/actions/cylinders'
import { gearContents } from '@/core/cylinders/gearContents'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/gear'
import type { DisplayRole } from '@/core/findings/quantity'
import { Amount } from '@/ui/Amount'
import { Moment } from '@/ui/Moment'
import { useSave } from '@/ui/useSave'

/** A weighing as the history shows it. */
export interface HistoryWeighing {
  id: string
  weighedAt: string
  grossKg: number
  hangingKg: number
  source: 'typed' | 'scale'
  voidReason: string | null
}

function VoidForm({ id, close }: { id: string; close: () => void }) {
  const [reason, setReason] = useState('')
  const { save, issueAt } = useSave(voidWeighingAction)
  const wrong = issueAt('reason') ?? issueAt('')
  return (
    <form
      noValidate
      onSubmit={async (event) => {
        event.preventDefault()
        if (await save({ id, reason })) close()
      }}
    >
      <Form.Label htmlFor={`why-${id}`}>Why is it wrong?</Form.Label>
      <Form.Control id={`why-${id}`} value={reason} autoFocus onChange={(event) => setReason(event.target.value)} />
      {wrong && (
        <p className="issue mb-0" role="alert">
          {wrong}
        </p>
      )}
      <div className="save-line mt-2">
        <Button type="submit" size="sm">
          Void it
        </Button>
        <Button variant="quiet" size="sm" onClick={close}>
          Leave it
        </Button>
      </div>
    </form>
  )
}

/** Every weighing, newest first; a mistake is voided with a reason and stays to be seen. */
export function History({ gear, weighings }: { gear: CylinderGear; weighings: readonly HistoryWeighing[] }) {
  const [voiding, setVoiding] = useState<string | null>(null)
  const role: DisplayRole = kindFacts[gear.kind].small ? 'bottleMass' : 'cylinderMass'
  if (weighings.length === 0) return null
  return (
    <section className="history">
      <h2>Weighings</h2>
      <div className="table-scroll" tabIndex={0} role="region" aria-label="Weighings">
        <table>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col" className="number">
                On the scale
              </th>
              <th scope="col" className="number">
                Aboard
              </th>
              <th scope="col">How</th>
              <th scope="col" />
            </tr>
          </thead>
          <tbody>
            {weighings.map((weighing) => {
              const held = gearContents({ ...gear, lastWeighing: weighing })
              const voided = weighing.voidReason !== null
              return (
                <tr key={weighing.id} className={voided ? 'voided' : ''}>
                  <td>
                    <Moment iso={weighing.weighedAt} />
                  </td>
                  <td className="number">
                    <Amount quantity={{ value: weighing.grossKg, role }} />
                  </td>
                  <td className="number">{held ? <Amount quantity={{ value: held.netKg, role }} /> : '–'}</td>
                  <td>{weighing.source === 'scale' ? 'captured' : 'typed'}</td>
                  <td className="keep">
                    {voided && `voided: ${weighing.voidReason}`}
                    {!voided && voiding !== weighing.id && (
                      <Button variant="bare" size="sm" onClick={() => setVoiding(weighing.id)}>
                        Void
                      </Button>
                    )}
                    {voiding === weighing.id && <VoidForm id={weighing.id} close={() => setVoiding(null)} />}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </section>
  )
}
