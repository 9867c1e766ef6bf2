import { isAssumed, type QuantitySources } from '@/core/base/provenance'
import type { DisplayRole, Quantity } from '@/core/base/quantity'
import type { BasisId } from '@/core/rules/basis/basis'
import type { Figure, FigureInput, Slip, SlipLine } from '@/core/rules/figure'
import { fillLimitBasis } from '@/core/cylinders/limits/fillLimitByWeight'
import { contents, type ContentsInput } from './contents'

/** What the tare is called: stamped only where the owner read the stamp. */
export function tareLabel(sources: QuantitySources | undefined): string {
  return sources?.tareKg?.source === 'measured' ? 'Tare, weighed empty' : 'Tare (TW)'
}

/**
 * The weighing as a worked sum: scale − tare = aboard, and what follows from it.
 *
 * @param input - as for contents
 * @param small - weighed in ounces and grams
 * @param sources - how the stamps are known; entered when absent
 * @throws InputError as contents does
 */
export function contentsSlip(input: ContentsInput, small: boolean, sources: QuantitySources = {}): Slip {
  const { netKg, limitKg, fractionOfLimit, liquidVolumeM3, energyJ, overfilled } = contents(input)
  const { gas, grossKg, tareKg, waterCapacityKg, hangingKg = 0, labelNetKg = null } = input
  const massRole: DisplayRole = small ? 'bottleMass' : 'cylinderMass'

  const mass = (value: number): Quantity => ({ value, role: massRole })
  const given = (label: string, value: number): FigureInput => ({ label, quantity: mass(value) })
  const figure = (basis: BasisId, quantity: Quantity, ...inputs: FigureInput[]): Figure => ({ basis, quantity, inputs })
  const line = (sign: SlipLine['sign'], label: string, shown: Figure): SlipLine => ({ sign, label, figure: shown })

  const scale = given('On the scale', grossKg)
  const tare = { ...given('Tare', tareKg), source: sources.tareKg }
  const aboard = given('Aboard', netKg)
  const limit = given('Most it may hold', limitKg)
  const water = { ...given('Water capacity', waterCapacityKg), source: sources.waterCapacityKg }
  const isTareAssumed = isAssumed(sources, 'tareKg')
  const hanging = hangingKg > 0 ? [given('Also on the scale', hangingKg)] : []
  const limitBasis = fillLimitBasis(gas, labelNetKg, limitKg)

  const lines = [
    line('', 'On the scale', figure('scale-reading', mass(grossKg))),
    ...hanging.map(({ label, quantity }) => line('−', label, figure('hanging', quantity))),
    isTareAssumed
      ? line('−', 'Tare', { ...figure('tare-assumed', mass(tareKg)), source: sources.tareKg })
      : line('−', tareLabel(sources), figure('tare-stamp', mass(tareKg))),
  ]
  const further = [
    line('', 'Most it may hold', figure(limitBasis, mass(limitKg), water)),
    overfilled
      ? line('=', 'Over by', figure('room-for', mass(netKg - limitKg), limit, aboard))
      : line('=', 'Room for', figure('room-for', mass(Math.max(0, limitKg - netKg)), limit, aboard)),
    line('', 'How full', figure('share-of-limit', { value: fractionOfLimit, role: 'share' }, aboard, limit)),
  ]
  if (liquidVolumeM3 !== null && !small) {
    further.push(
      line('', 'As liquid, at 60 °F', figure('liquid-volume', { value: liquidVolumeM3, role: 'liquidVolume' }, aboard)),
    )
  }
  if (gas === 'propane') {
    further.push(line('', 'Heat in it', figure('energy', { value: energyJ, role: 'energy' }, aboard)))
  }
  return {
    lines,
    result: {
      label: isTareAssumed ? 'Aboard, at least' : 'Aboard',
      figure: figure('net-by-weight', mass(netKg), scale, ...hanging, tare),
    },
    further,
  }
}
