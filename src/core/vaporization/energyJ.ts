import { allVapourKg } from './allVapourKg'
import { boilAt } from './boilAt'
import type { Boiling } from './boiling'
import { BOIL } from './boilTable'
import { wallEnergyJ } from './wallEnergyJ'

/** Energy of contents and wall. */
export function energyJ(boiling: Boiling): number {
  const { body, massKg, temperatureK } = boiling
  const slope = boilAt(BOIL.slopeJKg, temperatureK)
  const roomJ = boilAt(BOIL.roomJM3, temperatureK) * body.volumeM3
  const thinnestKg = allVapourKg(body, temperatureK)
  const contentsJ = massKg >= thinnestKg ? massKg * slope + roomJ : (massKg / thinnestKg) * (thinnestKg * slope + roomJ)
  return contentsJ + wallEnergyJ(body, temperatureK)
}
