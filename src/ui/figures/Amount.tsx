'use client'

import type { Phrase, Quantity } from '@/core/base/quantity'
import { formatPhrase, formatQuantity, quantityParts } from '@/core/units/formatQuantity'
import { useUnits } from '@/ui/state/UnitsProvider'

/** A quantity as running text. */
export function Amount({ quantity }: { quantity: Quantity }) {
  return formatQuantity(quantity, useUnits().system)
}

/** A quantity with its unit set smaller. */
export function BigAmount({ quantity }: { quantity: Quantity }) {
  const { number, unit } = quantityParts(quantity, useUnits().system)
  return (
    <>
      {number}
      {unit !== '' && <small> {unit}</small>}
    </>
  )
}

/** A sentence of core with its numbers in the owner's units. */
export function PhraseText({ phrase }: { phrase: Phrase }) {
  return formatPhrase(phrase, useUnits().system)
}
