'use client'

import { tareMismatch } from '@/core/fill/tareMismatch'
import { PhraseText } from '@/ui/figures/Amount'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity } from '@/ui/fields/readQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'
import { useSessionState } from '@/ui/state/useSessionState'

/** The known-empty bottle against its stamp, before anything goes in. */
export function WeighEmpty({ tareKg }: { tareKg: number }) {
  const { system } = useUnits()
  const [text, setText] = useSessionState('weighed empty', '')
  const { value } = readQuantity(text, 'bottleMass', system)
  const doubt = value === null ? null : tareMismatch(value, tareKg, 'bottleMass')
  return (
    <div className="mt-3">
      <QuantityField
        label="Weighed empty"
        optional
        role="bottleMass"
        text={text}
        onText={setText}
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
