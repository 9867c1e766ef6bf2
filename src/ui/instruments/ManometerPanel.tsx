'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { simulatedHoles, type SimulatedHole } from '@/instruments/simulatedManometer'
import { Amount } from '@/ui/figures/Amount'
import { useCapture, useCaptureKeys } from './CaptureProvider'
import { useManometer, useTubeReading } from './ManometerProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const holeLabels: Readonly<Record<SimulatedHole, string>> = {
  none: 'tight',
  pinhole: 'a pinhole',
  loose: 'a loose joint',
}

/** A simulated U-tube on a simulated low line. */
export function ManometerPanel() {
  const manometer = useManometer()
  const reading = useTubeReading(true)
  const { capture, said } = useCapture()
  const takeOpen = (): void => {
    if (reading) capture({ value: reading.openM, role: 'column' })
  }
  useCaptureKeys(takeOpen, reading)
  const [valve, setValve] = useState<'open' | 'shut'>('shut')
  const [burning, setBurning] = useState(false)
  return (
    <section aria-label="Manometer">
      <p className="dial mb-0" data-testid="manometer-reading">
        {reading ? <Amount quantity={reading.quantity} /> : '–'}
        <small>
          {reading && (
            <>
              open <Amount quantity={{ value: reading.openM, role: 'column' }} />, gas{' '}
              <Amount quantity={{ value: reading.gasM, role: 'column' }} />
            </>
          )}
        </small>
      </p>
      <div className="fields">
        <div>
          <Form.Label htmlFor="manometer-hole">The line is</Form.Label>
          <Form.Select
            id="manometer-hole"
            defaultValue="none"
            onChange={(event) => manometer.drill(event.target.value as SimulatedHole)}
          >
            {simulatedHoles.map((hole) => (
              <option key={hole} value={hole}>
                {holeLabels[hole]}
              </option>
            ))}
          </Form.Select>
        </div>
        <div className="save-line" role="group" aria-label="Gas of the simulated line">
          <Button
            variant="quiet"
            size="sm"
            aria-pressed={valve === 'open'}
            onClick={() => {
              if (valve === 'open') manometer.shut()
              else manometer.open()
              setValve(valve === 'open' ? 'shut' : 'open')
            }}
          >
            {valve === 'open' ? 'Shut the valve' : sharedLabels.openTheValve}
          </Button>
          <Button
            variant="quiet"
            size="sm"
            aria-pressed={burning}
            onClick={() => {
              manometer.burn(!burning)
              setBurning(!burning)
            }}
          >
            {burning ? 'Burner off' : 'Burn it down'}
          </Button>
        </div>
      </div>
      <div className="save-line mt-0">
        <Button disabled={!reading} onClick={takeOpen} aria-keyshortcuts="c">
          {sharedLabels.captureTheOpenColumn}
        </Button>
        <Button
          variant="quiet"
          disabled={!reading}
          onClick={() => reading && capture({ value: Math.abs(reading.gasM), role: 'column' })}
        >
          Capture the gas column
        </Button>
        <span role="status">{said}</span>
      </div>
    </section>
  )
}
