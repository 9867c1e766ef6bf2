'use client'

import type { ReactNode } from 'react'
import { Link } from '@/ui/shell/Link'
import { InputError } from '@/core/base/InputError'
import { heatOutlook, type HeatedNight, type RoomWarmth } from '@/core/heat/warmth/heatOutlook'
import type { Room } from '@/core/heat/room/room'
import type { KnownWarmth } from '@/core/heat/warmth/roomWarmth'
import { warmthSavings } from '@/core/heat/warmth/warmthSavings'
import { warmthSlip } from '@/core/heat/warmth/warmthSlip'
import type { HeatPageData } from '@/app/heat/heatPageData'
import { NIGHT_S, usualTemperatures } from '@/app/heat/heatDefaults'
import { Choice } from '@/ui/fields/Choice'
import { FigureButton } from '@/ui/figures/FigureButton'
import { Measure } from '@/ui/fields/Measure'
import { SlipPaper } from '@/ui/figures/SlipPaper'
import { useUsualInputs } from '@/ui/state/useUsualInputs'
import { heatLabels } from '@/ui/terms/heatLabels'
import { sharedLabels } from '@/ui/terms/sharedLabels'

const savingLabels = {
  curtain: 'With the curtain closed',
  'cover-glass': 'With the windows covered',
} as const

/** The night as it is and with what would save some of it, or the sentence against it. */
function outlooks(room: Room, warmth: RoomWarmth, night: HeatedNight, heatedShare: number) {
  try {
    return {
      outlook: heatOutlook(warmth, night),
      savings: warmthSavings(room, warmth, heatedShare)
        // A measure already taken saves nothing more.
        .filter(({ savedWPerK }) => savedWPerK > 0)
        .map(({ id, ...improved }) => ({
          id,
          outlook: heatOutlook(improved, night),
        })),
      issue: null,
    }
  } catch (error) {
    if (error instanceof InputError) return { outlook: null, savings: [], issue: error.issues[0] ?? null }
    throw error
  }
}

/** Heat for a night in this room: size, gas, time, and savings. */
export function NightOutlook({
  data,
  room,
  warmth,
  fromTyped,
  children,
}: {
  data: HeatPageData
  room: Room
  warmth: KnownWarmth
  fromTyped: boolean
  /** The log that it is based on, above it. */
  children: ReactNode
}) {
  const { heaters, coldestK } = data
  const [night, set] = useUsualInputs(`outlook ${data.rigId}`, (round) => ({
    ...usualTemperatures(coldestK, round),
    keepS: NIGHT_S,
    heaterId: heaters[0]?.id ?? '',
    heatedShare: 0.5,
  }))
  const heater = heaters.find(({ id }) => id === night.heaterId)
  const { aboardKg } = data
  const asked = {
    ...night,
    inputW: heater?.heater.highW ?? 0,
    vented: heater?.heater.vented ?? false,
    ...(aboardKg !== null && { aboardKg }),
  }
  const { outsideK, insideK, keepS } = night
  const result = outlooks(room, warmth, asked, night.heatedShare)
  const at = (path: string): string | null => (result.issue?.path === path ? result.issue.message : null)
  const { outlook } = result
  return (
    <div className="bench-and-slip">
      <div>
        {children}
        <section aria-label="A night in this room" className="mt-3">
          <h2>A night in this room</h2>
          <p className="hint">
            {warmth.from === 'shape'
              ? 'By the shape of the room: a warm-up log would be worth more.'
              : fromTyped
                ? 'By the warm-up above.'
                : 'By the last warm-up saved.'}
          </p>
          <div className="fields narrow">
            <Measure
              label={sharedLabels.outside}
              role="temperature"
              value={outsideK}
              issue={at('outsideK')}
              set={(value) => set({ outsideK: value })}
            />
            <Measure
              label={heatLabels.wishedForInside}
              role="temperature"
              value={insideK}
              issue={at('insideK')}
              set={(value) => set({ insideK: value })}
            />
            <Measure
              label="Kept warm for"
              role="duration"
              value={keepS}
              mayBeZero
              issue={at('keepS')}
              set={(value) => set({ keepS: value })}
            />
            {heaters.length > 0 && (
              <Choice
                id="outlook-heater"
                label="Heater, on high"
                value={night.heaterId}
                options={heaters.map(({ id, name }) => [id, name] as const)}
                set={(heaterId) => set({ heaterId })}
              />
            )}
            <Measure
              label="Behind the curtain stays heated"
              role="share"
              value={night.heatedShare}
              hint="share of the room’s length"
              set={(heatedShare) => set({ heatedShare: Math.min(1, heatedShare) })}
            />
          </div>
          {heater && outlook && outlook.warmUpS === null && (
            <p className="issue" role="status">
              {heater.name} never brings this room there: it would stop short of it.
            </p>
          )}
          {outlook && (
            <table className="savings">
              <caption className="visually-hidden">What would save gas</caption>
              <thead>
                <tr>
                  <th scope="col" />
                  <th scope="col">keeps it warm</th>
                  <th scope="col">gas for the hours</th>
                </tr>
              </thead>
              <tbody>
                <tr>
                  <th scope="row">As it is</th>
                  <td>
                    <FigureButton
                      figure={{ basis: 'keep-warm', quantity: { value: outlook.keepW, role: 'power' }, inputs: [] }}
                    />
                  </td>
                  <td>
                    <FigureButton
                      figure={{
                        basis: 'gas-burnt',
                        quantity: { value: outlook.keepKg, role: 'cylinderMass' },
                        inputs: [],
                      }}
                    />
                  </td>
                </tr>
                {result.savings.map(({ id, outlook: improved }) => (
                  <tr key={id}>
                    <th scope="row">{savingLabels[id]}</th>
                    <td>
                      <FigureButton
                        figure={{ basis: 'keep-warm', quantity: { value: improved.keepW, role: 'power' }, inputs: [] }}
                      />
                    </td>
                    <td>
                      <FigureButton
                        figure={{
                          basis: 'gas-burnt',
                          quantity: { value: improved.keepKg, role: 'cylinderMass' },
                          inputs: [],
                        }}
                      />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <p className="hint">
          How long the gas lasts with all that burns: <Link href="/run">Run</Link>.
        </p>
      </div>
      <div className="slip-side">
        <SlipPaper
          title="Keep it warm"
          sub={warmth.from === 'log' ? 'by the room’s own warm-up' : 'estimated from its shape'}
          slip={outlook ? warmthSlip(warmth, asked, outlook) : null}
        >
          <p className="caution-note mb-0">
            A heater without a flue warms up a room and is then turned off. Nobody sleeps with it lit.
          </p>
        </SlipPaper>
      </div>
    </div>
  )
}
