'use client'

import Button from 'react-bootstrap/Button'
import { markRefilledAction } from '@/actions/cylinders'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { Amount } from '@/ui/figures/Amount'
import { useSave } from '@/ui/state/useSave'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

/** A bottle that is not made to be refilled weighs more than before: refilled, or weighed wrong. */
export function HeavierQuestion({ gear, byKg }: { gear: Pick<CylinderGear, 'id' | 'name'>; byKg: number }) {
  const { save, saving, issueAt } = useSave(markRefilledAction)
  return (
    <section className="overfilled mb-3" aria-label={cylindersLabels.whatHappenedToIt}>
      <p className="mb-2">
        <strong>
          It weighs <Amount quantity={{ value: byKg, role: 'bottleMass' }} /> more than it did before.
        </strong>{' '}
        It is not made to be refilled: carrying a refilled one on a road is an offense, and its valve may not close
        again. If a weighing was wrong, strike it out in the history below.
      </p>
      <Button size="sm" disabled={saving.state === 'saving'} onClick={() => void save({ cylinderId: gear.id })}>
        {cylindersLabels.itWasRefilled}
      </Button>
      {issueAt('') && (
        <p className="issue mb-0" role="alert">
          {issueAt('')}
        </p>
      )}
    </section>
  )
}
