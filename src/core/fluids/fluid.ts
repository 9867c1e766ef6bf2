import { z } from '@/core/base/schema'

export const fluids = ['propane', 'co2'] as const

export type Fluid = (typeof fluids)[number]

export const fluidSchema = z.enum(fluids)
