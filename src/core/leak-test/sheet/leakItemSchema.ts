import { z } from '@/core/base/schema'
import { sealsOns, tightens } from '@/core/hookup/catalogue/connections'
import { zones } from '@/core/hookup/line/zone'
import { leakKinds } from './leakSheet'

/** One place to soap, as it is kept. */
export const leakItemSchema = z.strictObject({
  id: z.string().min(1).max(200),
  kind: z.enum(leakKinds),
  name: z.string().max(300),
  expect: z.string().max(1000),
  zone: z.enum(zones),
  inside: z.boolean(),
  leased: z.boolean(),
  partId: z.string().min(1).max(64),
  sealsOn: z.enum(sealsOns).nullable(),
  tighten: z.enum(tightens).nullable(),
})
