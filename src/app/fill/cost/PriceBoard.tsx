'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { saveOfferAction } from '@/actions/fill'
import type { DisplayRole } from '@/core/base/quantity'
import type { PriceWay } from '@/core/fill/cost/fillCosts'
import { simulatedPriceBoard, type BoardPrice } from '@/instruments/simulatedPriceBoard'
import { Amount } from '@/ui/figures/Amount'
import { useNotice } from '@/ui/state/UndoProvider'
import { wayLabels } from './listedOffer'
import { fillLabels } from '@/ui/terms/fillLabels'

const roleOf: Readonly<Record<PriceWay, DisplayRole>> = {
  'by-volume': 'pricePerVolume',
  'by-weight': 'pricePerMass',
  exchange: 'money',
  bottles: 'money',
}

/** Simulated price service with invented places; prices can be copied. */
export function PriceBoard({ rigId }: { rigId: string }) {
  const say = useNotice()
  const [board, setBoard] = useState<BoardPrice[] | null>(null)
  const [taken, setTaken] = useState<readonly string[]>([])
  const take = async (offer: BoardPrice): Promise<void> => {
    const answer = await saveOfferAction({ id: null, rigId, version: null, ...offer }).catch(() => null)
    if (!answer?.ok) return say({ done: 'Not saved: the server does not answer. Try again when it runs.' })
    setTaken([...taken, offer.place])
    say({ done: `Price of ${offer.place} taken over` })
  }
  return (
    <section className="price-board mt-4" aria-label="Price board">
      <h2>Price board</h2>
      <p className="hint">Simulated, with invented places: it stands in for a service that could be connected.</p>
      {board === null ? (
        <Button variant="quiet" onClick={() => setBoard(simulatedPriceBoard(Math.random))}>
          {fillLabels.readTheBoard}
        </Button>
      ) : (
        <ul>
          {board.map((offer) => (
            <li key={offer.place}>
              <span>{offer.place}</span>
              <span className="hint">{wayLabels[offer.way]}</span>
              <b>
                <Amount quantity={{ value: offer.price, role: roleOf[offer.way] }} />
              </b>
              <Button
                variant="quiet"
                size="sm"
                disabled={taken.includes(offer.place)}
                aria-label={`Take over the price of ${offer.place}`}
                onClick={() => void take(offer)}
              >
                {taken.includes(offer.place) ? 'Taken' : 'Take it'}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
