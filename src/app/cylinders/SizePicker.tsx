'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { parseSizeName } from '@/core/cylinders/parseSizeName'
import type { TypicalSize } from '@/core/cylinders/typicalSizes'
import { Amount } from '@/ui/figures/Amount'
import { CylinderDrawing } from '@/ui/drawings/CylinderDrawing'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'

const POUND_KG = 0.45359237

/** Taller and wider where it holds more; by eye. */
function drawnWidth({ waterCapacityKg }: TypicalSize): number {
  return Math.min(120, 46 + 14 * Math.sqrt(waterCapacityKg / POUND_KG / 4))
}

/** Size picker by name: “five gallon”, “20 lb”, “100”; an ambiguous name shows both sizes. */
export function SizePicker({ take }: { take: (size: TypicalSize) => void }) {
  const [words, setWords] = useState('')
  const meant = parseSizeName(words)
  return (
    <div className="size-picker">
      <Form.Label htmlFor="size">{cylindersLabels.whatPeopleCallIt}</Form.Label>
      <Form.Control
        id="size"
        value={words}
        placeholder="five gallon, 20 lb, 100"
        autoComplete="off"
        onChange={(event) => setWords(event.target.value)}
      />
      <p className="hint mb-2">
        {meant.length > 1
          ? 'A hundred pounds or a hundred gallons? How to tell them apart:'
          : 'fills in what is common; the stamp on your collar comes first'}
      </p>
      {meant.length > 0 && (
        <ul className="sizes-meant">
          {meant.map(({ size, tellTale }) => (
            <li key={size.id}>
              <CylinderDrawing
                kind={size.kind}
                waterCapacityKg={size.waterCapacityKg}
                level={0}
                title={size.name}
                width={drawnWidth(size)}
              />
              <div>
                <strong>{size.name}</strong>
                <p className="hint mb-1">
                  {tellTale}
                  {tellTale && '; '}WC <Amount quantity={{ value: size.waterCapacityKg, role: 'cylinderMass' }} />
                </p>
                <Button size="sm" variant="quiet" onClick={() => take(size)}>
                  {cylindersLabels.thisOne}
                </Button>
              </div>
            </li>
          ))}
        </ul>
      )}
      {words.trim() !== '' && meant.length === 0 && (
        <p className="hint">No common size by that name. Type the stamps below.</p>
      )}
    </div>
  )
}
