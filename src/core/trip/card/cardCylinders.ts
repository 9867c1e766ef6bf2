import { kindFacts } from '@/core/cylinders/cylinderKind'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gearContents } from '@/core/cylinders/contents/gearContents'
import { gearLimitKg } from '@/core/cylinders/limits/gearLimitKg'
import { gearRequalification } from '@/core/cylinders/dates/gearRequalification'
import { monthWords } from '@/core/time/monthWords'
import type { Phrase } from '@/core/base/quantity'
import type { CardBlock } from './cardBlock'

function lineOf(cylinder: CylinderGear, onDay: string): Phrase {
  const { small } = kindFacts[cylinder.kind]
  const role = small ? ('bottleMass' as const) : ('cylinderMass' as const)
  const held = gearContents(cylinder)
  const { dueMonth, status } = gearRequalification(cylinder, onDay)
  const parts: Record<string, NonNullable<Phrase['parts']>[string]> = { name: cylinder.name }
  const said = ['{name}:']
  if (held === null) said.push('not weighed;')
  else {
    said.push('{net} aboard;')
    parts.net = { value: held.netKg, role }
  }
  if (status === 'not-refillable') said.push('never refill')
  else if (cylinder.kind === 'onboard') said.push('fill to 80 % by its gauge')
  else {
    said.push('stop filling at {stop} on the scale')
    parts.stop = { value: cylinder.tareKg + gearLimitKg(cylinder), role }
  }
  if (dueMonth !== null) {
    said.push(status === 'overdue' ? '; overdue since {month}: not to be filled' : '; fill until {month}')
    parts.month = monthWords(dueMonth)
  }
  return { text: `${said.join(' ').replaceAll(' ;', ';')}.`, parts }
}

/** The cylinders that come along, each with its stop weight and its last month. */
export function cardCylinders(cylinders: readonly CylinderGear[], onDay: string): CardBlock {
  const lines = cylinders.filter(({ aboard }) => aboard).map((cylinder) => lineOf(cylinder, onDay))
  return { title: 'Cylinders', lines: lines.length > 0 ? lines : [{ text: 'None entered.' }] }
}
