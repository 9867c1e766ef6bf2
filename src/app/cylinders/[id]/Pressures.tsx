import type { Contents } from '@/core/cylinders/contents/contents'
import { HOT_CAR_K, SIXTY_F_K } from '@/core/units/convert'
import type { Fluid } from '@/core/fluids/fluidData'
import { stateFigures, type StateFigures } from '@/core/cylinders/contents/stateFigures'
import { InputError } from '@/core/base/InputError'
import { Amount, BigAmount } from '@/ui/figures/Amount'
import { FigureButton } from '@/ui/figures/FigureButton'
import { QuantityField } from '@/ui/fields/QuantityField'
import { readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'
import { Term } from '@/ui/figures/Term'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const phaseLabels = {
  'two-phase': 'liquid with vapor above it',
  'liquid-full': 'brim-full of liquid: do not touch it, away from flames',
  'vapour-only': 'vapor only, no liquid left',
  supercritical: 'too warm to be liquid',
} as const

function Pressure({ title, figures, temperatureK }: { title: string; figures: StateFigures; temperatureK: number }) {
  const { pressure, state } = figures
  return (
    <div>
      <strong>{title}</strong>, <Amount quantity={{ value: temperatureK, role: 'temperature' }} />
      <span className="large">
        <FigureButton figure={pressure}>
          <BigAmount quantity={pressure.quantity} />
        </FigureButton>
      </span>
      <span className="hint">{phaseLabels[state.phase]}</span>
    </div>
  )
}

/** Pressure now and in a hot car, and where this fill becomes liquid-full. */
export function Pressures({
  gas,
  small,
  held,
  waterCapacityKg,
  altitudeM,
  temperature,
  setTemperature,
}: {
  gas: Fluid
  small: boolean
  held: Contents | null
  waterCapacityKg: number
  altitudeM: number
  temperature: TypedQuantity
  setTemperature: (temperature: TypedQuantity) => void
}) {
  const temperatureK = readQuantity(temperature, 'temperature').value ?? SIXTY_F_K

  let issue: string | null = null
  let now: StateFigures | null = null
  let hot: StateFigures | null = null
  if (held && held.netKg > 0) {
    const at = (kelvin: number): StateFigures =>
      stateFigures({ gas, small, netKg: held.netKg, waterCapacityKg, temperatureK: kelvin, altitudeM })
    try {
      hot = at(HOT_CAR_K)
      now = at(temperatureK)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      issue = error.message
    }
  }
  return (
    <section className="pressures" aria-label="Pressure">
      <QuantityField
        label={sharedLabels.temperatureOfTheLiquid}
        optional
        role="temperature"
        typed={temperature}
        issue={issue}
        hint="about the air’s, in the shade; 60 °F (16 °C) if not entered"
        onTyped={setTemperature}
      />
      {held?.netKg === 0 && <p className="hint mt-2 mb-0">Empty by weight: no liquid, no pressure to speak of.</p>}
      <div className="three">
        {now && <Pressure title="Now" figures={now} temperatureK={temperatureK} />}
        {hot && <Pressure title="Parked car in the sun" figures={hot} temperatureK={HOT_CAR_K} />}
        {hot?.liquidFull && (
          <div>
            <strong>
              <Term id="liquid-full">Liquid-full</Term> at
            </strong>
            <span className="large">
              <FigureButton figure={hot.liquidFull}>
                <BigAmount quantity={hot.liquidFull.quantity} />
              </FigureButton>
            </span>
            <span className="hint">no room for vapor from there on: the pressure climbs steeply</span>
          </div>
        )}
      </div>
      {now && (
        <p className="hint mt-2 mb-0">
          As a gauge shows it at <Amount quantity={{ value: altitudeM, role: 'altitude' }} />. Pressure follows
          temperature; it does not tell how much is left.
        </p>
      )}
    </section>
  )
}
