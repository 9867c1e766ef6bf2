'use client'

import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { DisplayRole } from '@/core/base/quantity'
import type { LineSide } from '@/core/hookup/line/lineVolume'
import { holdStartPa } from '@/core/leak-test/hold/holdOutcome'
import { Amount } from '@/ui/figures/Amount'
import { readQuantity } from '@/ui/fields/typedQuantity'
import { QuantityField } from '@/ui/fields/QuantityField'
import { holdWays, isByGauge, pressureRole, type HoldField, type HoldTexts, type HoldWay } from './readHold'
import { leakTestLabels } from '@/ui/terms/leakTestLabels'

const wayLabels: Readonly<Record<HoldWay, string>> = {
  middle: 'a U-tube, zero in the middle',
  ruler: 'a U-tube on a ruler, from the bottom',
  gauge: 'a gauge',
}

const columnLabels: Readonly<Record<'middle' | 'ruler', readonly [string, string]>> = {
  middle: ['open column, above zero', 'gas column, below zero'],
  ruler: ['open column on the ruler', 'gas column on the ruler'],
}

/** Between which pressures the test starts; on the cylinder's side the temperature decides. */
function StartRange({ side, startK, atmospherePa }: { side: LineSide; startK: number | null; atmospherePa: number }) {
  if (side === 'cylinder' && startK === null) {
    return <p className="hint mt-3 mb-0">Where to start depends on the line’s temperature: enter it below first.</p>
  }
  const range = holdStartPa(side, startK ?? 0, atmospherePa)
  if (range === null) return <p className="hint mt-3 mb-0">Too cold for a gauge: soap this side instead.</p>
  const role = pressureRole(side, 'propane')
  return (
    <p className="hint mt-3 mb-0">
      Start between <Amount quantity={{ value: range[0], role, rounded: 'up' }} /> and{' '}
      <Amount quantity={{ value: range[1], role, rounded: 'down' }} />: outside of that it is no test.
    </p>
  )
}

/** Readings at the start and at the end, the time between, and what else is known. */
export function HoldFields({
  side,
  gas,
  setSide,
  texts,
  change,
  issueAt,
  volumeHint,
  atmospherePa,
  children,
}: {
  side: LineSide
  gas: 'propane' | 'co2'
  setSide: (side: LineSide) => void
  texts: HoldTexts
  change: (some: Partial<HoldTexts>) => void
  issueAt: (field: string) => string | null
  volumeHint: ReactNode
  atmospherePa: number
  /** The timer, between start and end. */
  children: ReactNode
}) {
  const byGauge = isByGauge(side, gas)
  const startK = readQuantity(texts.startT, 'temperature').value
  const way: HoldWay = byGauge ? 'gauge' : texts.way
  const field = (key: HoldField, label: string, role: DisplayRole, hint?: ReactNode, optional = false) => (
    <QuantityField
      label={label}
      role={role}
      typed={texts[key]}
      issue={issueAt(key)}
      optional={optional}
      {...(hint !== undefined && { hint })}
      onTyped={(text) => change({ [key]: text })}
    />
  )
  const pair = (when: 'start' | 'end', words: string) =>
    way === 'gauge' ? (
      field(`${when}A`, `${words}: gauge`, pressureRole(side, gas))
    ) : (
      <>
        {field(`${when}A`, `${words}: ${columnLabels[way][0]}`, 'column')}
        {field(`${when}B`, `${words}: ${columnLabels[way][1]}`, 'column')}
      </>
    )
  return (
    <>
      <div className="fields">
        <div>
          <Form.Label htmlFor="hold-side">{leakTestLabels.sideThatIsHeld}</Form.Label>
          <Form.Select id="hold-side" value={side} onChange={(event) => setSide(event.target.value as LineSide)}>
            <option value="low">behind the regulator</option>
            <option value="cylinder">before the regulator, by its gauge</option>
          </Form.Select>
        </div>
        {side === 'cylinder' && (
          <div>
            <Form.Label htmlFor="hold-gauge">{leakTestLabels.readBy}</Form.Label>
            <Form.Select
              id="hold-gauge"
              value={texts.gauge ?? 'dial'}
              onChange={(event) => change({ gauge: event.target.value === 'fine' ? 'fine' : 'dial' })}
            >
              <option value="dial">a dial gauge</option>
              <option value="fine">a gauge that shows single psi</option>
            </Form.Select>
          </div>
        )}
        {!byGauge && (
          <div>
            <Form.Label htmlFor="hold-way">{leakTestLabels.readBy}</Form.Label>
            <Form.Select id="hold-way" value={way} onChange={(event) => change({ way: event.target.value as HoldWay })}>
              {holdWays.map((one) => (
                <option key={one} value={one}>
                  {wayLabels[one]}
                </option>
              ))}
            </Form.Select>
          </div>
        )}
      </div>
      {gas === 'propane' && <StartRange side={side} startK={startK} atmospherePa={atmospherePa} />}
      <div className="fields mt-3">{pair('start', 'Start')}</div>
      {children}
      <div className="fields">{pair('end', 'End')}</div>
      <div className="fields mt-3">
        {field(
          'minutes',
          leakTestLabels.timeBetween,
          'minutes',
          side === 'low' || texts.gauge === 'fine' ? 'three minutes at least' : 'a quarter of an hour; an hour at most',
        )}
        {field(
          'startT',
          leakTestLabels.linesTemperatureAtTheStart,
          'temperature',
          undefined,
          !(side === 'cylinder' && gas === 'propane'),
        )}
        {field('endT', leakTestLabels.andAtTheEnd, 'temperature', undefined, true)}
        {field('volume', 'Inside of the line', 'lineVolume', volumeHint, true)}
        {field('space', leakTestLabels.spaceItLeaksInto, 'space', 'the room or locker', true)}
      </div>
    </>
  )
}
