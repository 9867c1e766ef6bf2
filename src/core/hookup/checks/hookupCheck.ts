import { SEA_LEVEL_PA } from '@/core/fluids/atmosphere'
import type { Finding } from '@/core/findings/Finding'
import { z } from '@/core/base/zod'
import { SIXTY_F_K } from '@/core/units/convert'
import type { ConnectionVerdict } from '@/core/hookup/catalogue/portCompatibility'
import { lineSchema } from '@/core/hookup/line/line'
import type { PartFlow } from '@/core/hookup/flow/lineFlow'
import { checkLine } from './checkLine'
import type { ConnectionId } from '@/core/hookup/catalogue/connections'
import { jointWork } from './jointWork'
import type { PartZones } from '@/core/hookup/line/lineZones'

export const hookupCheckSchema = z.strictObject({
  ...lineSchema.shape,
  /** Heat each appliance burns, by part; every appliance at full input when absent. */
  demandsW: z.record(z.string(), z.number()).optional(),
  /** Of the cylinders. */
  temperatureK: z.number().min(174).max(369).default(SIXTY_F_K),
  atmospherePa: z.number().min(2e4).max(1.2e5).default(SEA_LEVEL_PA),
  /** Month it is judged for, `2026-12`; without it no age is overdue. */
  untilMonth: z
    .string()
    .regex(/^\d{4}-\d\d$/, 'A month is written like 2026-12.')
    .default('0000-01'),
})

export interface CheckedJoint {
  id: string
  verdict: ConnectionVerdict
  connection: ConnectionId
  seal: string
  tool: string
  turn: string
}

export interface HookupCheck {
  joints: CheckedJoint[]
  zones: Record<string, PartZones>
  pressures: Record<string, PartFlow>
  findings: readonly Finding[]
}

/**
 * Checks a line given in full, as the calculation route does.
 *
 * @param input - parts and joints, what burns, temperature and air
 * @throws InputError as checkLine does
 */
export function hookupCheck(input: z.output<typeof hookupCheckSchema>): HookupCheck {
  const { parts, joints, types, ...conditions } = input
  const { demandsW, ...rest } = conditions
  const checked = checkLine('', { parts, joints, types }, { ...rest, ...(demandsW && { demandsW }) })
  return {
    joints: checked.graph.joints.map(({ joint, verdict }) => {
      const { seal, tighten, turn } = jointWork(verdict.connection)
      return { id: joint.id, verdict: verdict.verdict, connection: verdict.connection, seal, tool: tighten, turn }
    }),
    zones: Object.fromEntries(checked.zones),
    pressures: Object.fromEntries(checked.flow ?? []),
    findings: checked.findings,
  }
}
