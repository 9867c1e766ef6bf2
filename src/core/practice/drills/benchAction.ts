import { z } from '@/core/base/zod'

const idField = z.string().min(1).max(140)

/** Numbers that callers reach. */
export const callees = ['911', 'technician', 'supplier', 'fire-non-emergency'] as const

/** Everything that can be done on the bench. */
export const benchActionSchema = z.discriminatedUnion('do', [
  z.strictObject({
    do: z.literal('valve'),
    partId: idField,
    to: z.enum(['open', 'shut']),
    slowly: z.boolean().default(true),
  }),
  z.strictObject({ do: z.literal('lever'), partId: idField, to: z.enum(['left', 'right', 'both']) }),
  z.strictObject({
    do: z.literal('knob'),
    partId: idField,
    to: z.enum(['off', 'low', 'high']),
    /** How long the knob is held, or a lighter at the burner. */
    holdS: z.number().min(0).max(600).default(10),
  }),
  z.strictObject({ do: z.literal('gas-mode'), partId: idField }),
  z.strictObject({ do: z.literal('prime'), partId: idField }),
  z.strictObject({
    do: z.literal('look'),
    at: z.enum(['cylinders', 'hoses', 'outside', 'joints', 'battery', 'alarms']),
  }),
  z.strictObject({ do: z.literal('sniff'), where: z.enum(['inside', 'outside']) }),
  z.strictObject({ do: z.literal('soap') }),
  z.strictObject({ do: z.literal('test-port') }),
  z.strictObject({ do: z.literal('lift'), partId: idField }),
  z.strictObject({ do: z.literal('tighten'), at: idField }),
  z.strictObject({ do: z.literal('swap'), partId: idField }),
  z.strictObject({ do: z.literal('charge') }),
  z.strictObject({ do: z.literal('opening'), id: idField, openM: z.number().min(0).max(5) }),
  z.strictObject({ do: z.literal('out') }),
  z.strictObject({ do: z.literal('away') }),
  z.strictObject({ do: z.literal('go-in') }),
  z.strictObject({ do: z.literal('call'), whom: z.enum(callees) }),
  z.strictObject({ do: z.literal('wait'), seconds: z.number().positive('Enter a time above 0.').max(28_800) }),
  z.strictObject({ do: z.literal('sleep') }),
  z.strictObject({ do: z.literal('switch') }),
  z.strictObject({ do: z.literal('stop-rig') }),
  z.strictObject({ do: z.literal('engine-off') }),
  z.strictObject({ do: z.literal('drive') }),
  z.strictObject({ do: z.literal('flame-at-joint') }),
  z.strictObject({ do: z.literal('wrench') }),
  z.strictObject({ do: z.literal('heat-cylinder') }),
  z.strictObject({ do: z.literal('choose'), id: idField }),
])

export type BenchAction = z.output<typeof benchActionSchema>

export type BenchDeed = BenchAction['do']

/** Time that each deed takes, s. [common practice] Waits, holds and sleep take their own. */
export const deedSeconds: Readonly<Record<BenchDeed, number>> = {
  valve: 15,
  lever: 10,
  knob: 0,
  'gas-mode': 10,
  prime: 20,
  look: 45,
  sniff: 20,
  soap: 300,
  'test-port': 420,
  lift: 30,
  tighten: 60,
  swap: 600,
  charge: 1800,
  opening: 15,
  out: 30,
  away: 120,
  'go-in': 30,
  call: 60,
  wait: 0,
  sleep: 0,
  switch: 2,
  'stop-rig': 30,
  'engine-off': 2,
  drive: 600,
  'flame-at-joint': 10,
  wrench: 60,
  'heat-cylinder': 120,
  choose: 60,
}
