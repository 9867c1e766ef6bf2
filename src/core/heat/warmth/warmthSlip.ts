import type { Slip } from '@/core/rules/figure'
import { type HeatedNight, type HeatOutlook, type RoomWarmth, shareToRoom } from './heatOutlook'

/**
 * A heated night as a worked sum: loss × difference of temperatures = input, more with a flue.
 *
 * @param warmth - of the room
 * @param night - temperatures and hours
 * @param outlook - from heatOutlook
 */
export function warmthSlip(warmth: RoomWarmth, night: HeatedNight, outlook: HeatOutlook): Slip {
  const loss = { value: warmth.lossWPerK, role: 'heatLoss' } as const
  const step = { value: night.insideK - night.outsideK, role: 'temperatureStep' } as const
  return {
    lines: [
      { sign: '', label: 'the room loses', figure: { basis: 'room-loss', quantity: loss, inputs: [] } },
      { sign: '×', label: 'warmer than outside', figure: { basis: 'keep-warm', quantity: step, inputs: [] } },
      ...(night.vented
        ? ([
            {
              sign: '÷',
              label: 'of its heat stays inside; the rest leaves through the flue',
              figure: { basis: 'keep-warm', quantity: { value: shareToRoom(night), role: 'share' }, inputs: [] },
            },
          ] as const)
        : []),
    ],
    result: {
      label: 'Keeps it warm',
      figure: {
        basis: 'keep-warm',
        quantity: { value: outlook.keepW, role: 'power' },
        inputs: [
          { label: 'Loss', quantity: loss },
          { label: 'Difference', quantity: step },
        ],
      },
    },
    further: [
      {
        sign: '',
        label: 'gas for those hours',
        figure: {
          basis: 'gas-burnt',
          quantity: { value: outlook.keepKg, role: 'cylinderMass' },
          inputs: [{ label: 'Hours', quantity: { value: night.keepS, role: 'duration' } }],
        },
      },
      ...(outlook.lastsS === null || night.aboardKg === undefined
        ? []
        : ([
            {
              sign: '',
              label: 'gas aboard lasts, for heat alone',
              figure: {
                basis: 'runtime',
                quantity: { value: outlook.lastsS, role: 'duration' },
                inputs: [{ label: 'Gas aboard', quantity: { value: night.aboardKg, role: 'cylinderMass' } }],
              },
            },
          ] as const)),
      ...(outlook.warmUpS === null || outlook.warmUpKg === null
        ? []
        : ([
            {
              sign: '',
              label: 'to warm up first',
              figure: {
                basis: 'warm-up-time',
                quantity: { value: outlook.warmUpS, role: 'minutes' },
                inputs: [{ label: 'Capacity', quantity: { value: warmth.capacityJPerK, role: 'heatCapacity' } }],
              },
            },
            {
              sign: '+',
              label: 'gas for that',
              figure: { basis: 'gas-burnt', quantity: { value: outlook.warmUpKg, role: 'cylinderMass' }, inputs: [] },
            },
          ] as const)),
    ],
  }
}
