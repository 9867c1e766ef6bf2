import type { Quantity } from '@/core/base/quantity'
import type { Figure, Slip, SlipLine } from '@/core/rules/figure'
import type { Battery } from './battery'
import type { TripRun, TripRunInput } from '@/core/run/simulation/tripRun'

const DAY_S = 86_400

/**
 * Worked sum of a mean day of the battery: solar − standby loads − appliance loads.
 *
 * @param battery - of the rig
 * @param input - of the trip
 * @param run - what came of it
 */
export function batterySlip(battery: Battery, input: TripRunInput, run: TripRun): Slip {
  const charge = (value: number): Quantity => ({ value, role: 'charge' })
  const figure = (value: number, inputs: Figure['inputs'] = []): Figure => ({
    basis: 'battery-charge',
    quantity: charge(value),
    inputs,
  })
  const known = (name: keyof Battery): Pick<Figure, 'source'> => ({ source: battery.sources?.[name] })
  const days = Math.min(input.nights, (input.lastsS ?? Infinity) / DAY_S)
  const running = input.appliances.flatMap(({ id, name, currentA, batteryA, byNight }): SlipLine[] => {
    const perDayC = (run.appliances.find((one) => one.id === id)?.chargeC ?? 0) / days
    if (perDayC <= 0) return []
    const onBattery = byNight.filter((on) => on === 'battery').length
    return [
      {
        sign: '−',
        label: name || id,
        figure: figure(perDayC, [
          ...(currentA > 0
            ? [{ label: 'Draws while it burns', quantity: { value: currentA, role: 'current' as const } }]
            : []),
          ...(onBattery > 0
            ? [
                { label: 'Draws on 12 V', quantity: { value: batteryA, role: 'current' as const } },
                { label: 'Nights on 12 V', quantity: { value: onBattery, role: 'count' as const } },
              ]
            : []),
        ]),
      },
    ]
  })
  const standing = battery.standingA * DAY_S
  const drawn = running.reduce((sum, line) => sum + line.figure.quantity.value, standing)
  const shore =
    (battery.shoreA * DAY_S * input.shoreNights.filter((night) => night < input.nights).length) / input.nights
  const balance = battery.solarC + shore - drawn
  return {
    lines: [
      { sign: '', label: 'Sun', figure: { ...figure(battery.solarC), ...known('solarC') } },
      ...(shore > 0
        ? [{ sign: '+' as const, label: 'Charger', figure: { ...figure(shore), ...known('shoreA') } }]
        : []),
      {
        sign: '−',
        label: 'Alarms, lights, pump',
        figure: {
          ...figure(standing, [{ label: 'Draws', quantity: { value: battery.standingA, role: 'current' } }]),
          ...known('standingA'),
        },
      },
      ...running,
    ],
    result: { label: balance < 0 ? 'Short each day' : 'Over each day', figure: figure(Math.abs(balance)) },
    further: [
      {
        sign: '',
        label: 'May be drawn in all',
        figure: {
          ...figure(battery.capacityC * battery.usableShare, [
            { label: 'Holds', quantity: charge(battery.capacityC), ...known('capacityC') },
            {
              label: 'Share that may be drawn',
              quantity: { value: battery.usableShare, role: 'share' },
              ...known('usableShare'),
            },
          ]),
          ...known('capacityC'),
        },
      },
    ],
  }
}
