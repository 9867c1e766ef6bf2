import { catalogue } from '@/core/hookup/catalogue/catalogue'
import type { Line } from '@/core/hookup/line/line'
import { editLine } from '@/core/hookup/line/editLine'

/** A trunk with a branch every few feet: valve, tube, appliance, and the tube on to the next tee. */
const unit = [
  ['tee', 'tee-flare-3/8', 'trunk'],
  ['valve', 'valve-swivel-3/8', 'tee'],
  ['tube', 'tube-3/8', 'valve'],
  ['appliance', 'fridge', 'tube'],
  ['trunk', 'tube-1/2', 'tee'],
] as const

/**
 * A line of about a given number of parts, for measuring.
 *
 * @param parts - at least ten
 */
export function benchLine(parts: number): Line {
  let line: Line = { parts: [], joints: [], types: [] }
  const add = (id: string, typeId: string, after: string | null): void => {
    const type = catalogue.find((one) => one.id === typeId)
    if (!type) throw new RangeError(typeId)
    line = editLine(line, { do: 'add', type, id, after })
  }
  add('left', 'cylinder-both', null)
  add('pigtail', 'pigtail-acme', 'left')
  add('changeover', 'changeover-auto', 'pigtail')
  add('nipple', 'npt-to-flare-3/8', 'changeover')
  add('trunk-0', 'tube-1/2', 'nipple')
  for (let i = 1; line.parts.length < parts; i += 1) {
    for (const [name, typeId, after] of unit) {
      if (line.parts.length < parts) add(`${name}-${i}`, typeId, after === 'trunk' ? `trunk-${i - 1}` : `${after}-${i}`)
    }
  }
  return line
}
