import { kindFacts } from '@/core/cylinders/cylinderKind'
import { type Lift, liftedLevel } from '@/core/cylinders/contents/liftedLevel'
import { usualShape } from '@/core/vaporization/vessel'
import type { CylinderGear } from '@/core/cylinders/cylinderGear'
import { gaugeLevel, type FullMark } from '@/core/cylinders/contents/liquidLevel'
import { heightLevel } from '@/core/cylinders/contents/heightLevel'
import { levelSlip } from '@/core/cylinders/contents/levelSlip'
import { InputError } from '@/core/base/InputError'
import type { Slip } from '@/core/rules/figure'
import { readQuantity, type TypedQuantity } from '@/ui/fields/typedQuantity'

/** Fields as typed. */
export interface LevelTexts {
  way: 'gauge' | 'height' | 'lifted'
  lift: Lift
  shown: TypedQuantity
  fullMark: FullMark
  height: TypedQuantity
  diameter: TypedQuantity
  length: TypedQuantity
  stands: 'upright' | 'lying'
  temperature: TypedQuantity
}

export interface LevelRead {
  liquidFraction: number | null
  slip: Slip | null
  /** Input of the action; null while a field is missing or unreadable. */
  toSave: object | null
  issueAt: (path: string) => string | null
}

/** Reads the fields and works the sum out as far as they are filled in. */
export function readLevel(gear: CylinderGear, texts: LevelTexts): LevelRead {
  const number = (typed: TypedQuantity, role: 'share' | 'length' | 'temperature') => readQuantity(typed, role)
  const temperature = number(texts.temperature, 'temperature')
  const nothing: LevelRead = { liquidFraction: null, slip: null, toSave: null, issueAt: () => null }

  let liquidFraction: number
  let read: object
  try {
    if (texts.way === 'lifted') {
      liquidFraction = liftedLevel(texts.lift).liquidFraction
      read = { way: 'lifted', lift: texts.lift }
    } else if (texts.way === 'gauge') {
      const shown = number(texts.shown, 'share').value
      if (shown === null || temperature.issue) return nothing
      liquidFraction = gaugeLevel(shown, texts.fullMark)
      read = { way: 'gauge', shown, fullMark: texts.fullMark }
    } else {
      const heightM = number(texts.height, 'length').value
      const diameterM = number(texts.diameter, 'length').value
      const lengthM = number(texts.length, 'length').value
      if (heightM === null || temperature.issue || (diameterM === null) !== (lengthM === null)) return nothing
      if (diameterM === null && kindFacts[gear.kind].isFixed) return nothing
      // Of a cylinder of a known size only the height is asked.
      const measured = diameterM !== null && lengthM !== null ? { stands: texts.stands, diameterM, lengthM } : null
      liquidFraction = heightLevel(measured ?? usualShape(gear.waterCapacityKg), heightM)
      read = { way: 'height', heightM, ...(measured ?? { stands: 'upright', diameterM: null, lengthM: null }) }
    }
    const slip = levelSlip(
      gear,
      liquidFraction,
      temperature.value,
      texts.way === 'height' ? 'height-level' : 'gauge-level',
    )
    return {
      liquidFraction,
      slip,
      toSave: { cylinderId: gear.id, temperatureK: temperature.value, read },
      issueAt: () => null,
    }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { ...nothing, issueAt: (path) => error.issues.find((issue) => issue.path === path)?.message ?? null }
  }
}
