import { fromUnit } from '@/core/units/convert'
import type { Heater, HeaterKind } from './heater'

const inches = (value: number): number => fromUnit(value, 'length', 'in')
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
        widthM: inches(13),
        depthM: inches(6),
        heightM: inches(19),
        clearances: { frontM: inches(30), sidesM: inches(4), rearM: 0, topM: inches(18) },
        cylinderM: inches(36),
        hoseM: inches(72),
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
        widthM: inches(14),
        depthM: inches(8),
        heightM: inches(15),
        clearances: { frontM: inches(24), sidesM: inches(6), rearM: 0, topM: inches(30) },
        cylinderM: inches(36),
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
        widthM: inches(10),
        depthM: inches(22),
        heightM: inches(10),
        clearances: { frontM: inches(1), sidesM: inches(1), rearM: 0, topM: inches(1) },
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
        widthM: inches(14),
        depthM: inches(8),
        heightM: inches(16),
        clearances: { frontM: inches(36), sidesM: inches(12), rearM: inches(6), topM: inches(36) },
        cylinderM: inches(36),
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
