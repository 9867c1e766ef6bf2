import { z } from '@/core/base/schema'
import { fluidSchema } from './fluid'

/** Inputs of saturation, as sent from outside. */
export const saturationSchema = z.strictObject({ fluid: fluidSchema, temperatureK: z.number() })

/** Inputs of cylinderState, as sent from outside. */
export const cylinderStateSchema = z.strictObject({
  fluid: fluidSchema,
  massKg: z.number(),
  volumeM3: z.number(),
  temperatureK: z.number(),
})
