import type { Metadata } from 'next'
import { contents } from '@/core/cylinders/contents'
import { contentsInput } from '@/core/cylinders/contentsInput'
import { kindFacts } from '@/core/cylinders/cylinderKind'
import { massOfLevelKg } from '@/core/cylinders/massOfLevelKg'
import { fillCosts } from '@/core/filling/fillCosts'
import type { LossReading } from '@/core/leaktest/lossSlip'
import { loadWorld } from '@/app/world'
import type { CylinderWithGear } from '@/records/cylinders'
import { database } from '@/records/database'
import { listLevels } from '@/records/levels'
import { listOffers } from '@/records/offers'
import { listWeighings } from '@/records/weighings'
import { LossBench, type LossVessel } from './LossBench'

export const metadata: Metadata = { title: 'Loss over days' }

/** Any heat will do to compare prices for a kg. */
const ANY_HEATER_W = 1000

/** Every standing reading of a vessel as gas in it, newest first. */
function readingsOf({ gear }: CylinderWithGear): LossReading[] {
  const records = database()
  const { gas } = kindFacts[gear.kind]
  const weighed = listWeighings(records, gear.id)
    .filter(({ voidedAt }) => voidedAt === null)
    .map((weighing) => ({ at: weighing.weighedAt, netKg: contents(contentsInput(gear, weighing)).netKg }))
  const levels = listLevels(records, gear.id)
    .filter(({ voidedAt }) => voidedAt === null)
    .map(({ readAt, liquidFraction, temperatureK }) => ({
      at: readAt,
      netKg: massOfLevelKg(gas, gear.waterCapacityKg, liquidFraction, temperatureK),
    }))
  return [...weighed, ...levels].toSorted((a, b) => b.at.localeCompare(a.at))
}

export default function LossPage() {
  const { rig, cylinders } = loadWorld()
  const offers = rig ? listOffers(database(), rig.id) : []
  const [cheapest] = fillCosts(offers, { residualKg: 0, heaterW: ANY_HEATER_W })
  const vessels = cylinders.map((cylinder): LossVessel => {
    const { id, name, kind } = cylinder.gear
    const { gas, small } = kindFacts[kind]
    return {
      id,
      name,
      small,
      isCo2: gas === 'co2',
      isTank: kind === 'onboard',
      readings: readingsOf(cylinder),
      pricePerKg: gas === 'propane' ? (cheapest?.perKg ?? null) : null,
    }
  })
  return <LossBench vessels={vessels} />
}
