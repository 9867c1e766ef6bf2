import { liquidTemperature, liquidTemperatureInput } from '@/core/cylinders/contents/liquidTemperature'
import { fillLimitBasis, gearLimitKg } from '@/core/cylinders/limits/fillLimitByWeight'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { InputError } from '@/core/base/InputError'
import { tareLabel } from '@/core/cylinders/contents/contentsSlip'
import { type CylinderGear, isTareKnown, tareRangeKg } from '@/core/cylinders/cylinderGear'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'
import type { Figure, FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import { fillLimit } from '@/core/cylinders/limits/fillLimit'

export interface StopWeight {
  slip: Slip
  stopKg: number
  /** What the mark leaves in it. */
  targetKg: number
  /** Liquid share of the volume when full, at the entered temperature; null when unknown. */
  levelAtLimit: number | null
}

export interface StopWeightInput {
  hangingKg: number
  /** On the scale now; null when nothing was weighed. */
  grossKg: number | null
  liquidTemperatureK: number | null
  /** Share of the limit to stop at: 1, or 0.75 by the `home` rule. */
  share: number
}

/**
 * Worked sum of the stop weight: tare + limit + attachments.
 *
 * @param cylinder - stamps
 * @param input - what else is known
 * @throws InputError where nobody read the tare, and as fillLimit and gearLimitKg do
 */
export function stopWeightSlip(
  cylinder: Pick<CylinderGear, 'kind' | 'tareKg' | 'waterCapacityKg' | 'labelNetKg' | 'sources'>,
  { hangingKg, grossKg, liquidTemperatureK, share }: StopWeightInput,
): StopWeight {
  const { kind, waterCapacityKg, labelNetKg } = cylinder
  const { gas, small } = kindFacts[kind]
  if (!isTareKnown(cylinder)) {
    throw new InputError(
      'tareKg',
      'Nobody read its tare (TW), so there is no weight to stop at. Read its collar first.',
    )
  }
  const role: DisplayRole = small ? 'bottleMass' : 'cylinderMass'
  const mass = (value: number): Quantity => ({ value, role })
  const input = (label: string, value: number): FigureInput => ({ label, quantity: mass(value) })
  const figure = (basis: BasisId, quantity: Quantity, ...inputs: FigureInput[]): Figure => ({ basis, quantity, inputs })
  const line = (sign: SlipLine['sign'], label: string, shown: Figure): SlipLine => ({ sign, label, figure: shown })

  const [tareKg] = tareRangeKg(cylinder)
  const limits = fillLimit({
    gas,
    waterCapacityKg,
    tareKg,
    hangingKg,
    liquidTemperatureK: liquidTemperature(liquidTemperatureK).temperatureK,
  })
  const limitKg = gearLimitKg(cylinder)
  const targetKg = limitKg * share
  const stopKg = tareKg + targetKg + hangingKg
  const limitBasis = fillLimitBasis(gas, labelNetKg, limitKg)

  const lines = [
    line('', tareLabel(cylinder.sources), figure('tare-stamp', mass(tareKg))),
    line(
      '+',
      'Most it may hold',
      figure(limitBasis, mass(limitKg), {
        ...input('Water capacity', waterCapacityKg),
        source: cylinder.sources?.waterCapacityKg,
      }),
    ),
  ]
  if (share < 1) {
    const quarter = figure('bottle-school', mass(limitKg - targetKg), input('Most it may hold', limitKg))
    lines.push(line('−', 'A quarter, left empty', quarter))
  }
  if (hangingKg > 0) lines.push(line('+', 'Also on the scale', figure('hanging', mass(hangingKg))))

  const further: SlipLine[] = []
  if (grossKg !== null) {
    const aboardKg = Math.max(0, grossKg - hangingKg - tareKg)
    const aboard = figure('net-by-weight', mass(aboardKg), input('On the scale', grossKg), input('Tare', tareKg))
    const room = figure(
      'room-for',
      mass(Math.max(0, stopKg - grossKg)),
      input('Stop at', stopKg),
      input('On the scale', grossKg),
    )
    further.push(line('', 'Aboard now', aboard), line('', 'To go', room))
  }
  const levelAtLimit = limits.liquidVolumeFractionAtLimit
  if (levelAtLimit !== null && !small) {
    const temperature = liquidTemperatureInput(liquidTemperatureK)
    further.push(
      line(
        '',
        'Level when full',
        figure('liquid-level', { value: levelAtLimit, role: 'share' }, input('Limit', limitKg), temperature),
      ),
    )
  }
  return {
    slip: {
      lines,
      result: {
        label: 'Stop at',
        figure: figure(
          'stop-weight',
          mass(stopKg),
          input('Tare', tareKg),
          input(share < 1 ? 'Three quarters of the limit' : 'Most it may hold', targetKg),
          ...(hangingKg > 0 ? [input('Also on the scale', hangingKg)] : []),
        ),
      },
      further,
    },
    stopKg,
    targetKg,
    levelAtLimit,
  }
}
