'use client'

import { tareMismatch } from '@/core/fill/tareMismatch'
import { PhraseText } from '@/ui/figures/Amount'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import { fillLabels } from '@/ui/terms/fillLabels'

/** The known-empty bottle against its stamp, before anything goes in. */
export function WeighEmpty({ tareKg }: { tareKg: number }) {
  const [text, setText] = useSessionState('weighed empty', nothingTyped)
  const { value } = readQuantity(text, 'bottleMass')
  const doubt = value === null ? null : tareMismatch(value, tareKg, 'bottleMass')
  return (
    <div className="mt-3">
      <QuantityField
        label={fillLabels.weighedEmpty}
        optional
        role="bottleMass"
        typed={text}
        onTyped={setText}
        hint="before filling, adapter off, against the stamp"
      />
      {doubt && (
        <p className="issue" role="alert">
          <PhraseText phrase={doubt} />
        </p>
      )}
      {value !== null && !doubt && <p className="hint">Agrees with its stamp within 2 %.</p>}
    </div>
  )
}
