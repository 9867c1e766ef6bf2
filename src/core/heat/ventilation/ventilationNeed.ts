import { InputError } from '@/core/base/InputError'
import { fromUnit } from '@/core/units/convert'

/** Open area that an unvented heater needs. */
export interface VentilationNeed {
  areaM2: number
  from: 'manual' | 'common'
  /** Building codes, for comparison: two openings to another room, two to outdoors, a single one to outdoors. */
  codes: {
    /** Of each of two. */
    twoToRoomM2: number
    twoToOutdoorsM2: number
    oneToOutdoorsM2: number
  }
}

const IN2_M2 = fromUnit(1, 'area', 'in2')
const BTUH_W = fromUnit(1, 'power', 'btuh')
/** Common practice: 24 in² for a panel of 3,000 BTU/h, scaled up with the input. */
const COMMON_M2_PER_W = (24 * IN2_M2) / (3000 * BTUH_W)
/** NFPA 54. [from memory] */
const CODE = { toRoomBtuh: 1000, toRoomLeastIn2: 100, twoOutBtuh: 4000, oneOutBtuh: 3000 }

/**
 * Open area that a heater needs.
 *
 * @param inputW - its heat input at the highest setting that will be used
 * @param manualAreaM2 - what its manual asks for; null where it names none
 * @throws InputError for an input or an area that is 0 or less
 * @see docs/models.md, "Ventilation"
 */
export function ventilationNeed(inputW: number, manualAreaM2: number | null): VentilationNeed {
  if (!(inputW > 0)) throw new InputError('inputW', 'A heater’s input is more than zero.')
  if (manualAreaM2 !== null && !(manualAreaM2 > 0)) {
    throw new InputError('openAreaM2', 'Enter an area above zero, or nothing where the manual names none.')
  }
  const btuh = inputW / BTUH_W
  return {
    areaM2: manualAreaM2 ?? inputW * COMMON_M2_PER_W,
    from: manualAreaM2 === null ? 'common' : 'manual',
    codes: {
      twoToRoomM2: Math.max(btuh / CODE.toRoomBtuh, CODE.toRoomLeastIn2) * IN2_M2,
      twoToOutdoorsM2: (btuh / CODE.twoOutBtuh) * IN2_M2,
      oneToOutdoorsM2: (btuh / CODE.oneOutBtuh) * IN2_M2,
    },
  }
}
