import { isShut } from '@/core/hookup/line/lineGraph'
import { currentPart, stateGraph } from '@/core/practice/rig/rigState'
import { faultContext } from '@/core/practice/faults/faults'
import { tryAppliance } from '@/core/practice/readings/attempt'
import type { Bench } from './bench'
import type { DrillNeed } from './drill'
import { smellInside } from './senses'

/** Everybody has left the room. */
export const everybodyOut: DrillNeed = { text: 'Everybody is outside.', isMet: ({ people }) => people !== 'inside' }

/** At the distance that a leak from the vessel asks for. */
export const everybodyAway: DrillNeed = {
  text: 'Everybody is 330 ft (100 m) away, upwind.',
  isMet: ({ people }) => people === 'away',
}

export const called = (whom: string, text: string): DrillNeed => ({
  text,
  isMet: ({ called: all }) => all.includes(whom),
})

export const called911: DrillNeed = called('911', '911 has been called.')

/** All cylinders of the line are shut. */
export const gasShut: DrillNeed = {
  text: 'The gas is shut at every cylinder.',
  isMet: ({ rig }) => stateGraph(rig).sources.every(isShut),
}

export const allOff: DrillNeed = {
  text: 'No burner is lit or open.',
  isMet: ({ open, lit }) => lit.length === 0 && Object.values(open).every((share) => share === 0),
}

/** Nothing smells in the room. */
export const aired: DrillNeed = {
  text: 'The room is aired: no smell of gas.',
  isMet: (bench) => smellInside(bench) === 'none',
}

/** Every appliance lights as usual. */
export const allWork: DrillNeed = {
  text: 'Every appliance works again.',
  isMet: ({ rig }) =>
    faultContext(rig.rig).appliances.every((part) => tryAppliance(rig, currentPart(rig, part)) === 'good'),
}

export const chosen = (id: string, text: string): DrillNeed => ({
  text,
  isMet: ({ chosen: all }) => all.includes(id),
})

/** One choice came before another. */
export const chosenBefore = (first: string, then: string, text: string): DrillNeed => ({
  text,
  isMet: ({ chosen: all }: Bench) =>
    all.includes(first) && (!all.includes(then) || all.indexOf(first) < all.indexOf(then)),
})

export const noLeak: DrillNeed = { text: 'Soap shows no bubbles.', isMet: ({ rig }) => rig.leaks.length === 0 }

/** A leak is only over when somebody has soaped after the repair. */
export const soapedLast: DrillNeed = {
  text: 'The joint was soaped again after the repair.',
  isMet: ({ log }) => {
    const deeds = log.map(({ action }) => action.do)
    const repaired = Math.max(deeds.lastIndexOf('tighten'), deeds.lastIndexOf('choose'))
    return deeds.lastIndexOf('soap') > repaired
  },
}
