'use client'

import { useEffect, useMemo, useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Reading } from '@/instruments/instrument'
import { simulatedThermometer, type SimulatedSetting } from '@/instruments/simulatedThermometer'
import { Amount } from '@/ui/figures/Amount'
import { useCapture, useCaptureKeys } from './CaptureProvider'
import { Choice } from '@/ui/fields/Choice'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const READINGS_MS = 200

/** Simulated thermometer in a small rig with a heater, with its own time. */
export function ThermometerPanel() {
  const thermometer = useMemo(() => simulatedThermometer(), [])
  const [reading, setReading] = useState<(Reading & { elapsedS: number }) | null>(null)
  const [setting, setSetting] = useState<SimulatedSetting>('off')
  const [pace, setPace] = useState<'60' | '1'>('60')
  useEffect(() => {
    const timer = setInterval(
      () => setReading({ ...thermometer.read(performance.now()), elapsedS: thermometer.elapsedS() }),
      READINGS_MS,
    )
    return () => clearInterval(timer)
  }, [thermometer])
  const { capture, said } = useCapture()
  const take = (): void => {
    if (reading) capture(reading.quantity)
  }
  const takeTime = (): void => {
    if (reading) capture({ value: reading.elapsedS, role: 'minutes' })
  }
  useCaptureKeys(take, reading)
  return (
    <section aria-label="Thermometer">
      <p className="dial mb-0" data-testid="thermometer-reading">
        {reading ? <Amount quantity={reading.quantity} /> : '–'}
        <small>
          {reading && (
            <>
              after <Amount quantity={{ value: reading.elapsedS, role: 'minutes' }} />, outside 24 °F
            </>
          )}
        </small>
      </p>
      <Choice
        id="thermometer-setting"
        label={sharedLabels.theHeaterThere}
        value={setting}
        options={[
          ['off', 'off'],
          ['low', 'low, 4,000 BTU/h'],
          ['high', 'high, 9,000 BTU/h'],
        ]}
        set={(next) => {
          setSetting(next)
          thermometer.set(next)
        }}
      />
      <Choice
        id="thermometer-pace"
        label="Its clock"
        value={pace}
        options={[
          ['60', 'a minute in a second'],
          ['1', 'as it is'],
        ]}
        set={(next) => {
          setPace(next)
          thermometer.hurry(Number(next))
        }}
      />
      <div>
        <div className="save-line mt-0">
          <Button onClick={take} aria-keyshortcuts="c">
            {sharedLabels.capture}
          </Button>
          <Button variant="quiet" onClick={takeTime}>
            Capture the time
          </Button>
          <Button variant="quiet" onClick={thermometer.again}>
            Cold again
          </Button>
        </div>
        <p className="mt-2 mb-0" role="status">
          {said}
        </p>
      </div>
    </section>
  )
}
