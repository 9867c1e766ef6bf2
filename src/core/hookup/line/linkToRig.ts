import type { ApplianceKind } from '@/core/appliances/applianceKinds'
import { type CylinderKind, kindFacts } from '@/core/cylinders/cylinderKind'
import type { EquipmentKind } from '@/core/cylinders/equipment/equipment'
import { catalogue } from '@/core/hookup/catalogue/catalogue'
import type { PartType } from '@/core/hookup/catalogue/partType'
import { editLine, type LineEdit } from './editLine'
import type { Line, LinePart } from './line'

/** What the rig has that a part of a line can be. */
export interface RigThings {
  cylinders: readonly { id: string; name: string; kind: CylinderKind; holdsKg: number }[]
  appliances: readonly { id: string; name: string; kind: ApplianceKind; inputW: number }[]
  equipment: readonly { id: string; name: string; kind: EquipmentKind }[]
}

/** Kind of appliance that a part of the catalogue is. */
export const kindOfType: Readonly<Record<string, ApplianceKind>> = {
  cooktop: 'cooktop',
  stove: 'cooktop',
  oven: 'oven',
  fridge: 'fridge',
  'water-heater': 'water-heater',
  furnace: 'furnace',
  panel: 'panel-heater',
  'panel-compression': 'panel-heater',
  portable: 'portable-heater',
  grill: 'grill',
  'grill-low': 'grill',
  'grill-flare': 'grill',
}

/** What a part and a thing of the rig have in common; null for a part that is nothing of the rig. */
function familyOf({ id, role, gas }: PartType): string | null {
  if (role === 'cylinder' || role === 'tank') return `vessel ${gas} ${role === 'tank'}`
  if (role === 'regulator') return gas === 'co2' ? null : 'regulator'
  if (role === 'hose') return gas === 'co2' ? null : 'hose'
  const kind = kindOfType[id]
  return kind ? `appliance ${kind}` : null
}

function linksTo({ cylinders, appliances, equipment }: RigThings): { family: string; to: Partial<LinePart> }[] {
  return [
    ...cylinders
      .filter(({ kind }) => kindFacts[kind].supply !== 'bottles')
      .map(({ id, name, kind, holdsKg }) => ({
        family: `vessel ${kindFacts[kind].gas} ${kindFacts[kind].isFixed}`,
        to: { cylinderId: id, name, holdsKg },
      })),
    ...appliances.map(({ id, name, kind, inputW }) => ({
      family: `appliance ${kind}`,
      to: { applianceId: id, name, inputW },
    })),
    ...equipment.map(({ id, kind }) => ({ family: kind, to: { equipmentId: id } })),
  ]
}

/**
 * A new line whose parts are things of the rig wherever that is beyond doubt: one part and one thing of a kind.
 *
 * @param line - as begun from a ready-made one
 * @param rig - its cylinders, appliances and ageing things
 */
export function linkToRig(line: Line, rig: RigThings): Line {
  const families = new Map(catalogue.map((type) => [type.id, familyOf(type)]))
  const links = linksTo(rig)
  const edits = line.parts.flatMap(({ id, typeId }): LineEdit[] => {
    const family = families.get(typeId)
    const [link, ...others] = links.filter((one) => one.family === family)
    const alike = line.parts.filter((part) => families.get(part.typeId) === family)
    return link && others.length === 0 && alike.length === 1 ? [{ do: 'change', id, to: link.to }] : []
  })
  return edits.reduce(editLine, line)
}
