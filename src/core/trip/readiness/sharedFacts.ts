import { type ApplianceKind, applianceTraits } from '@/core/appliances/applianceKinds'
import { type HeaterGear, heatersInUse, type RoomGear } from '@/core/heat/room/roomPlan'
import { drawnSupplies } from '@/core/hookup/line/applianceSupply'
import type { Line, LineGear, LinePart } from '@/core/hookup/line/line'

/** An appliance of the rig, as far as other stations need it. */
export interface ApplianceFacts {
  id: string
  kind: ApplianceKind
  inputW: number
  /** With all burners at full; null when nobody read it. */
  ratedInputW: number | null
}

/** Everything that heaters, lines and rooms say about the same appliances. */
interface SharedFactsInput {
  appliances: readonly ApplianceFacts[]
  heaters: readonly HeaterGear[]
  rooms: readonly RoomGear[]
  lines: readonly LineGear[]
}

/** Facts of each appliance, settled once. */
export interface SharedFacts {
  /** Input with all burners at full, W: for lines, pressure drop and air. */
  ratedW: (applianceId: string) => number | null
  heater: <Row extends Pick<HeaterGear, 'applianceId' | 'heater'>>(gear: Row) => Row
  line: (line: Line) => Line
}

/**
 * Settles what several stations say about one appliance, so that no two pages disagree.
 *
 * - Input: its plate; else the largest that anyone entered or that is usual of its kind.
 * - Supply: as the line is drawn; a bottle sits on a heater only where it is drawn so, or where it is on no line.
 * - Place: what stands in a drawn room is inside, whatever the line says.
 *
 * @param rig - its appliances, heaters, rooms and lines as entered
 */
export function sharedFacts({ appliances, heaters, rooms, lines }: SharedFactsInput): SharedFacts {
  const byId = new Map(appliances.map((appliance) => [appliance.id, appliance]))
  const supplies = drawnSupplies(lines)
  const used = heatersInUse(rooms)
  const inside = new Set(
    heaters.flatMap(({ id, applianceId }) => (applianceId !== null && used.has(id) ? [applianceId] : [])),
  )

  function ratedW(applianceId: string): number | null {
    const appliance = byId.get(applianceId)
    if (!appliance) return null
    if (appliance.ratedInputW !== null) return appliance.ratedInputW
    const { isHeater, ratedInputW } = applianceTraits[appliance.kind]
    const ofHeaters = heaters.filter((heater) => heater.applianceId === applianceId).map(({ heater }) => heater.highW)
    const ofParts = lines.flatMap(({ line }) =>
      line.parts.filter((part) => part.applianceId === applianceId).map(({ inputW = 0 }) => inputW),
    )
    // A heater's usual input says nothing of this one, once a number of its own is entered.
    const usualW = isHeater || appliance.kind === 'other' ? 0 : ratedInputW
    return Math.max(appliance.inputW, usualW, ...ofHeaters, ...ofParts)
  }

  function part(one: LinePart): LinePart {
    if (one.applianceId === undefined) return one
    const inputW = ratedW(one.applianceId)
    return {
      ...one,
      ...(inputW !== null && { inputW }),
      ...(inside.has(one.applianceId) && { place: 'inside' as const }),
    }
  }

  return {
    ratedW,
    heater: (gear) => {
      const { applianceId, heater } = gear
      if (applianceId === null) return gear
      const highW = ratedW(applianceId) ?? heater.highW
      const supply = supplies.get(applianceId)
      const bottleOn = supply === undefined ? heater.bottleOn : supply === 'bottles'
      return { ...gear, heater: { ...heater, highW, lowW: Math.min(heater.lowW, highW), bottleOn } }
    },
    line: (line) => ({ ...line, parts: line.parts.map(part) }),
  }
}
