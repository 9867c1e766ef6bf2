'use client'

import { Gauge } from 'lucide-react'
import { usePathname } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Offcanvas from 'react-bootstrap/Offcanvas'
import { formatMixedMass } from '@/core/units/formatQuantity'
import { Amount } from '@/ui/figures/Amount'
import { useCapture, useCaptureKeys } from './CaptureProvider'
import { ManometerPanel } from './ManometerPanel'
import { ThermometerPanel } from './ThermometerPanel'
import { useScale, useScaleReading } from './ScaleProvider'
import { useUnits } from '@/ui/state/UnitsProvider'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Load on the simulated scale. */
export interface Load {
  name: string
  massKg: number
}

const MAX_KG = 60
/** A pump throttled for a small cylinder, and the last of it. */
const FAST_KG_S = 0.06
const SLOW_KG_S = 0.01

function ScalePanel({ loads }: { loads: readonly Load[] }) {
  const { system } = useUnits()
  const { capture, said } = useCapture()
  const scale = useScale()
  const reading = useScaleReading(true)

  const put = (massKg: number): void => scale.load(massKg)
  const take = (): void => {
    if (reading) capture(reading.quantity)
  }
  useCaptureKeys(take, reading)

  return (
    <section aria-label="Scale">
      <div>
        <p className="dial mb-0" data-testid="scale-reading">
          {reading ? <Amount quantity={reading.quantity} /> : '–'}
          <small>
            {system === 'us' && reading ? `${formatMixedMass(Math.max(0, reading.quantity.value))} · ` : ''}
            {reading?.steady ? 'steady' : 'moving'}
          </small>
        </p>
      </div>
      <div className="fields">
        <div>
          <Form.Label htmlFor="scale-load">{sharedLabels.whatStandsOnIt}</Form.Label>
          <Form.Select id="scale-load" value="" onChange={(event) => put(Number(event.target.value))}>
            <option value="" disabled>
              Put something on …
            </option>
            <option value="0">Nothing</option>
            {loads.map(({ name, massKg }) => (
              <option key={name} value={massKg}>
                {name}
              </option>
            ))}
          </Form.Select>
        </div>
        <div>
          <Form.Label htmlFor="scale-slider">{sharedLabels.orAnyLoad}</Form.Label>
          <Form.Range
            id="scale-slider"
            min={0}
            max={MAX_KG}
            step={0.02}
            value={scale.loaded()}
            onChange={(event) => put(Number(event.target.value))}
          />
        </div>
      </div>
      <div>
        <div className="save-line mt-0">
          <Button onClick={take} aria-keyshortcuts="c">
            {sharedLabels.capture}
          </Button>
          <Button variant="quiet" onClick={scale.zero}>
            Zero
          </Button>
        </div>
        <div className="save-line" role="group" aria-label="Gas into what stands there">
          <Button variant="quiet" size="sm" onClick={() => scale.run(FAST_KG_S)}>
            Let gas in
          </Button>
          <Button variant="quiet" size="sm" onClick={() => scale.run(SLOW_KG_S)}>
            {sharedLabels.slowly}
          </Button>
          <Button variant="quiet" size="sm" onClick={() => scale.run(0)}>
            {sharedLabels.shut}
          </Button>
        </div>
        <p className="mt-2 mb-0" role="status">
          {said}
        </p>
      </div>
    </section>
  )
}

const instruments = ['Scale', 'Manometer', 'Thermometer'] as const

type Shown = (typeof instruments)[number]

/** Drawer with the instruments, beside the page, so that a field can keep focus. */
export function InstrumentsTray({ loads }: { loads: readonly Load[] }) {
  const [open, setOpen] = useState(false)
  const [asked, setAsked] = useState<Shown | null>(null)
  // Instrument of the station, until another is chosen.
  const here = usePathname()
  const shown =
    asked ?? (here.startsWith('/leak-test') ? 'Manometer' : here.startsWith('/heat') ? 'Thermometer' : 'Scale')
  return (
    <>
      <button type="button" onClick={() => setOpen(!open)} aria-expanded={open}>
        <Gauge size={18} aria-hidden="true" /> <span className="tool-word">{sharedLabels.instruments}</span>
      </button>
      <Offcanvas
        className="tray"
        show={open}
        onHide={() => setOpen(false)}
        placement="bottom"
        backdrop={false}
        scroll
        enforceFocus={false}
        autoFocus={false}
        restoreFocus={false}
        aria-labelledby="tray-title"
      >
        <Offcanvas.Header closeButton>
          <Offcanvas.Title as="h2" id="tray-title">
            {sharedLabels.instruments}
          </Offcanvas.Title>
        </Offcanvas.Header>
        <Offcanvas.Body>
          <p className="hint mb-2">
            Simulated instruments stand in for those that could be connected. Stand in a field, then capture: the
            reading goes there. Typing always works too.
          </p>
          <div className="tray-groups" role="group" aria-label="Which instrument">
            {instruments.map((name) => (
              <button key={name} type="button" aria-pressed={shown === name} onClick={() => setAsked(name)}>
                {name}
              </button>
            ))}
          </div>
          {shown === 'Scale' && <ScalePanel loads={loads} />}
          {shown === 'Manometer' && <ManometerPanel />}
          {shown === 'Thermometer' && <ThermometerPanel />}
        </Offcanvas.Body>
      </Offcanvas>
    </>
  )
}
