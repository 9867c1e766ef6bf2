'use client'

import { interpretPressureGauge, type GaugeInterpretation } from '@/core/cylinders/contents/pressureGauge'
import { InputError } from '@/core/base/InputError'
import type { Figure } from '@/core/rules/figure'
import { Amount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { QuantityField } from '@/ui/fields/QuantityField'
import { nothingTyped, readQuantity } from '@/ui/fields/typedQuantity'
import { useSessionState } from '@/ui/state/useSessionState'
import { cylindersLabels } from '@/ui/terms/cylindersLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const tellLabels: Readonly<Record<GaugeInterpretation['tells'], string>> = {
  liquid: 'It fits liquid at this temperature: a cupful or a full cylinder.',
  'nearly-gone':
    'Far below what liquid would press: the liquid is all but gone, or the cylinder is much colder than told.',
  'too-high':
    'More than liquid would press: the cylinder is warmer than entered, has no room left, or the gauge is off.',
}

/** What an in-line pressure gauge shows and what it does not. */
export function PressureGaugeCard({ altitudeM, temperatureK }: { altitudeM: number; temperatureK: number }) {
  const [text, setText] = useSessionState('gauge tells', nothingTyped)
  const { value } = readQuantity(text, 'cylinderPressure')
  let telling: GaugeInterpretation | null = null
  let issue: string | null = null
  if (value !== null) {
    try {
      telling = interpretPressureGauge(value, temperatureK, altitudeM)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      issue = error.message
    }
  }
  const boiling: Figure | null = telling && {
    basis: 'gauge-tells',
    quantity: { value: telling.boilingK, role: 'temperature' },
    inputs: [
      { label: 'Gauge', quantity: { value: value ?? 0, role: 'cylinderPressure' } },
      { label: sharedLabels.altitude, quantity: { value: altitudeM, role: 'altitude' } },
    ],
  }
  return (
    <section className="pressures" aria-label="What a pressure gauge tells">
      <QuantityField
        label={cylindersLabels.anInLinePressureGaugeShows}
        optional
        role="cylinderPressure"
        typed={text}
        onTyped={setText}
        issue={issue}
        hint="it tells the temperature, never how much is left"
      />
      {telling && boiling && (
        <p className="mt-2 mb-0">
          Liquid boils at this pressure at <FigureButton figure={boiling} />; at{' '}
          <Amount quantity={{ value: temperatureK, role: 'temperature' }} /> it would show{' '}
          <Amount quantity={{ value: telling.expectedGaugePa, role: 'cylinderPressure' }} />.{' '}
          <strong>{tellLabels[telling.tells]}</strong>
        </p>
      )}
    </section>
  )
}
