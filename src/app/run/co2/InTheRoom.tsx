'use client'

import { co2InRoom } from '@/core/co2/co2InRoom'
import { standardAtmospherePa } from '@/core/fluids/atmosphere'
import { restingLoss } from '@/core/leak-test/loss/restingLoss'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import type { Co2Held } from './co2Held'
import { tryCalculation } from '@/ui/state/tryCalculation'
import { runLabels } from '@/ui/terms/runLabels'

const DAY_S = 86_400
/** What scale and eye may be off by between two weighings. */
const SCALE_KG = 0.01

/** All at once, or a slow leak. */
export function InTheRoom({ held, roomM3 }: { held: Co2Held; roomM3: number | null }) {
  const [typed, set] = useUsualInputs('co2 in the room', (round) => ({
    roomM3: roomM3 ?? round('space', 350, 10),
    freshM3S: round('airFlow', 5, 2.5),
    laterKg: held.gasKg,
    betweenS: 7 * DAY_S,
  }))
  const leak = tryCalculation(() => restingLoss(held.gasKg, typed.laterKg, typed.betweenS, null))
  const room = tryCalculation(() =>
    co2InRoom(
      held.gasKg,
      leak.found?.kgPerDay ?? 0,
      typed.roomM3,
      typed.freshM3S,
      standardAtmospherePa(held.altitudeM),
    ),
  )
  return (
    <section aria-label={runLabels.ifItGetsOut}>
      <h2>If it gets out in a closed rig</h2>
      <div className="fields narrow">
        <Measure
          label={runLabels.room}
          role="space"
          value={typed.roomM3}
          issue={room.at('roomM3')}
          set={(next) => set({ roomM3: next })}
        />
        <Measure
          label="Fresh air that leaks in"
          role="airFlow"
          value={typed.freshM3S}
          issue={room.at('freshM3S')}
          set={(freshM3S) => set({ freshM3S })}
        />
      </div>
      <h3>A slow leak, by two weighings with nothing drawn between</h3>
      <div className="fields narrow">
        <Measure
          label="CO2 at the later weighing"
          role="cylinderMass"
          mayBeZero
          value={typed.laterKg}
          issue={leak.at('later')}
          set={(laterKg) => set({ laterKg })}
        />
        <Measure
          label="Days between"
          role="days"
          value={typed.betweenS}
          issue={null}
          set={(betweenS) => set({ betweenS })}
        />
      </div>
      {room.found && (
        <ul className="air-figures">
          <li>
            <span>all of it at once</span>
            <FigureButton
              className="large"
              figure={{
                basis: 'co2-room',
                quantity: { value: room.found.allPpm, role: 'concentration' },
                inputs: [
                  { label: 'CO2', quantity: { value: held.gasKg, role: 'cylinderMass' } },
                  { label: runLabels.room, quantity: { value: typed.roomM3, role: 'space' } },
                ],
              }}
            />
          </li>
          {leak.found && leak.found.lostKg > 0 && (
            <>
              <li>
                <span>the slow leak, in the end</span>
                <FigureButton
                  className="large"
                  figure={{
                    basis: 'co2-room',
                    quantity: { value: room.found.leakPpm, role: 'concentration' },
                    inputs: [{ label: 'It loses a day', quantity: { value: leak.found.kgPerDay, role: 'bottleMass' } }],
                  }}
                />
              </li>
              {leak.found.emptyInS !== null && (
                <li>
                  <span>empty in</span>
                  <FigureButton
                    className="large"
                    figure={{
                      basis: 'net-by-weight',
                      quantity: { value: leak.found.emptyInS, role: 'days' },
                      inputs: [
                        { label: 'It loses a day', quantity: { value: leak.found.kgPerDay, role: 'bottleMass' } },
                      ],
                    }}
                  />
                </li>
              )}
            </>
          )}
        </ul>
      )}
      {room.found && room.found.allPpm > 40_000 && (
        <p className="issue">
          Over 40,000 ppm is an immediate danger (NIOSH), and it gathers at the floor. It rides outside the living
          space, or with the door open. If it hisses: out at once, and nobody goes in after anybody.
        </p>
      )}
      {leak.found && leak.found.lostKg > 0 && leak.found.lostKg < SCALE_KG && (
        <p className="hint">So small a loss may be the scale: weigh again after some days more. Soap tells at once.</p>
      )}
    </section>
  )
}
