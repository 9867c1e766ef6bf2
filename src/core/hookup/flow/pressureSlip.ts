import type { Quantity } from '@/core/base/quantity'
import type { Figure, Slip, SlipLine } from '@/core/rules/figure'
import type { LineCheck } from '@/core/hookup/checks/checkLine'
import type { GraphPart } from '@/core/hookup/line/lineGraph'
import { pressureDisplayRole } from './applianceFlow'

/** Parts from the source to this one, along the open feed. */
function wayDown(part: GraphPart, check: LineCheck): GraphPart[] {
  const feed = part.into.find(({ from }) => check.flow?.get(from.part.id)?.live) ?? part.into[0]
  return feed ? [...wayDown(feed.from, check), part] : [part]
}

/**
 * Worked sum of the pressure at one appliance: after the last regulator, minus the drop of each hose and tube.
 *
 * @param check - of the line
 * @param applianceId - its part
 * @returns null when it gets no gas or the line has a cycle
 */
export function pressureSlip(check: LineCheck, applianceId: string): Slip | null {
  const appliance = check.appliances.find(({ part }) => part.part.id === applianceId)
  if (!appliance?.live || !check.flow) return null
  const way = wayDown(appliance.part, check)
  const from = Math.max(
    0,
    way.findLastIndex(({ type }) => type.regulator !== undefined),
  )
  const [first, ...rest] = way.slice(from)
  const at = (part: GraphPart) => check.flow?.get(part.part.id)
  const start = first && at(first)
  if (!first || !start) return null

  const role = pressureDisplayRole(appliance.requiredGaugePa)
  const pressure = (value: number): Quantity => ({ value, role })
  const { regulator } = first.type
  const begins: Figure = regulator
    ? {
        basis: 'regulator-curve',
        quantity: pressure(start.outletGaugePa),
        inputs: [
          { label: 'Its setting', quantity: pressure(regulator.setGaugePa) },
          { label: 'Before it', quantity: { value: start.inletGaugePa, role: 'cylinderPressure' } },
          { label: 'Burned behind it', quantity: { value: start.flowW, role: 'power' } },
          ...(regulator.ratedW
            ? [{ label: 'Rated for', quantity: { value: regulator.ratedW, role: 'power' as const } }]
            : []),
        ],
      }
    : { basis: 'cylinder-gauge-pressure', quantity: pressure(start.outletGaugePa), inputs: [] }
  const losses = rest.flatMap((part): SlipLine[] => {
    const flow = at(part)
    if (!flow || part.lengthM === 0) return []
    return [
      {
        sign: '−',
        label: part.name,
        figure: {
          basis: 'sizing-equation',
          quantity: pressure(flow.inletGaugePa - flow.outletGaugePa),
          inputs: [
            { label: 'Length', quantity: { value: part.lengthM, role: 'run' } },
            { label: 'Bore', quantity: { value: part.boreM, role: 'bore' } },
            { label: 'Flow', quantity: { value: flow.flowW, role: 'power' } },
          ],
        },
      },
    ]
  })
  return {
    lines: [{ sign: '', label: `After ${first.name}`, figure: begins }, ...losses],
    result: {
      label: `At ${appliance.part.name}`,
      figure: { basis: 'appliance-pressure', quantity: pressure(appliance.flowingGaugePa), inputs: [] },
    },
    further: [
      {
        sign: '',
        label: 'It wants',
        figure: { basis: 'appliance-pressure', quantity: pressure(appliance.requiredGaugePa), inputs: [] },
      },
      {
        sign: '',
        label: 'With nothing burning',
        figure: { basis: 'regulator-curve', quantity: pressure(appliance.staticGaugePa), inputs: [] },
      },
    ],
  }
}
