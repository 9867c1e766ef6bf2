import { z } from '@/core/base/zod'
import { connectionIds } from './connections'
import { type PartRole, partRoles } from './partRoles'
import { zones } from './zone'

const connectionField = z.enum(connectionIds, {
  error: (issue) => `The connection “${String(issue.input)}” is not known here.`,
})

const fitSchema = z.strictObject({ connection: connectionField, sex: z.enum(['male', 'female', 'both']) })

const portSchema = z.strictObject({
  id: z.string().min(1).max(20),
  /** Gas goes in here, out here, or either way. */
  way: z.enum(['in', 'out', 'either']),
  /** Connections that it offers; some valves offer two. */
  fits: z.array(fitSchema).min(1).max(4),
})

const regulatorSchema = z.strictObject({
  setGaugePa: z.number().positive(),
  /** Lock-up pressure. */
  lockupGaugePa: z.number().positive(),
  /** Rated heat; null when the plate does not state it. */
  ratedW: z.number().positive().nullable(),
  /** What it needs before it to hold its setting. */
  minInletGaugePa: z.number().min(0),
  outlet: z.enum(zones),
})

const applianceSchema = z.strictObject({
  inputW: z.number().positive().max(200_000),
  /** With its own regulator it needs cylinder or intermediate pressure; without one, low pressure only. */
  ownRegulator: z.boolean(),
  minGaugePa: z.number().positive(),
  /** Needs an in-line filter on a remote cylinder. */
  wantsFilter: z.boolean(),
  /** Made for an attached one-pound bottle. */
  portable: z.boolean(),
})

export const partTypeSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(80),
  role: z.enum(partRoles),
  gas: z.enum(['propane', 'co2', 'any']),
  ports: z.array(portSchema).min(1).max(6),
  /** Highest zone it is made for. */
  rated: z.enum(zones),
  boreM: z.number().positive().max(0.1).optional(),
  lengthM: z.number().positive('A length is more than zero.').max(100).optional(),
  material: z.enum(['rubber', 'soft', 'hard']).optional(),
  oldMonths: z.int().positive().max(600).optional(),
  /** A tee or splitter with a valve on each side. */
  branchValves: z.boolean().optional(),
  /** A changeover that turns to its reserve on its own. */
  automatic: z.boolean().optional(),
  regulator: regulatorSchema.optional(),
  appliance: applianceSchema.optional(),
})

export type PartType = z.output<typeof partTypeSchema>

export type Port = z.output<typeof portSchema>

export type Fit = z.output<typeof fitSchema>

/** The shelves of the parts tray, in the order of the gas. */
export const partGroups: readonly { name: string; roles: readonly PartRole[] }[] = [
  { name: 'Cylinders and tanks', roles: ['cylinder', 'bottle', 'tank'] },
  { name: 'At the valve', roles: ['shut-off', 'adapter'] },
  { name: 'Hoses', roles: ['hose'] },
  { name: 'Regulators', roles: ['regulator', 'changeover'] },
  { name: 'Tubes and pipes', roles: ['tube'] },
  { name: 'Tees and branches', roles: ['tee', 'supply-tee'] },
  { name: 'Valves, filters, test port', roles: ['valve', 'quick', 'filter', 'test-port'] },
  { name: 'Plugs and caps', roles: ['plug'] },
  { name: 'What it ends in', roles: ['appliance', 'keg', 'chuck'] },
]
