import { fromInches, fromUnit } from '@/core/units/convert'
import type { Heater, HeaterKind } from './heater'

const btuh = (value: number): number => fromUnit(value, 'power', 'btuh')

export interface HeaterTemplate {
  name: string
  words: string
  heater: Heater
}

/** Starting values. [common practice] Every number should be replaced by the one in the heater's manual. */
export const heaterTemplates: Readonly<Record<HeaterKind, HeaterTemplate>> = {
  'catalytic-panel': {
    name: 'Catalytic panel',
    words: 'glows without flame, on a wall or on legs',
    heater: {
      kind: 'catalytic-panel',
      body: {
        widthM: fromInches(13),
        depthM: fromInches(6),
        heightM: fromInches(19),
        clearances: { frontM: fromInches(30), sidesM: fromInches(4), rearM: 0, topM: fromInches(18) },
        cylinderM: fromInches(36),
        hoseM: fromInches(72),
        mount: 'either',
      },
      clearancesFrom: 'common',
      highW: btuh(3000),
      lowW: btuh(1600),
      vented: false,
      openAreaM2: null,
      oxygenCutOff: 'no',
      highestM: null,
      bottleOn: false,
      certified: 'not-known',
    },
  },
  'portable-radiant': {
    name: 'Portable radiant',
    words: 'a glowing tile, a bottle screwed on or a hose',
    heater: {
      kind: 'portable-radiant',
      body: {
        widthM: fromInches(14),
        depthM: fromInches(8),
        heightM: fromInches(15),
        clearances: { frontM: fromInches(24), sidesM: fromInches(6), rearM: 0, topM: fromInches(30) },
        cylinderM: fromInches(36),
        mount: 'floor',
      },
      clearancesFrom: 'common',
      highW: btuh(9000),
      lowW: btuh(4000),
      vented: false,
      openAreaM2: null,
      oxygenCutOff: 'yes',
      highestM: null,
      bottleOn: true,
      certified: 'not-known',
    },
  },
  furnace: {
    name: 'Ducted furnace',
    words: 'built in, fumes go outside, wants 12 V',
    heater: {
      kind: 'furnace',
      body: {
        widthM: fromInches(10),
        depthM: fromInches(22),
        heightM: fromInches(10),
        clearances: { frontM: fromInches(1), sidesM: fromInches(1), rearM: 0, topM: fromInches(1) },
        cylinderM: 0,
        mount: 'floor',
      },
      clearancesFrom: 'common',
      highW: btuh(16000),
      lowW: btuh(16000),
      vented: true,
      openAreaM2: null,
      oxygenCutOff: 'no',
      highestM: null,
      bottleOn: false,
      certified: 'not-known',
    },
  },
  other: {
    name: 'Another heater',
    words: 'every number from its manual',
    heater: {
      kind: 'other',
      body: {
        widthM: fromInches(14),
        depthM: fromInches(8),
        heightM: fromInches(16),
        clearances: { frontM: fromInches(36), sidesM: fromInches(12), rearM: fromInches(6), topM: fromInches(36) },
        cylinderM: fromInches(36),
        mount: 'floor',
      },
      clearancesFrom: 'common',
      highW: btuh(6000),
      lowW: btuh(3000),
      vented: false,
      openAreaM2: null,
      oxygenCutOff: 'not-known',
      highestM: null,
      bottleOn: false,
      certified: 'not-known',
    },
  },
}
