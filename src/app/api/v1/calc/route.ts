import { z } from '@/core/base/zod'
import { calculations } from './calculations'

/** Names, summaries and JSON Schemas of all calculations. */
export function GET(): Response {
  const list = Object.entries(calculations).map(([name, { summary, schema }]) => ({
    name,
    summary,
    path: `/api/v1/calc/${name}`,
    schema: z.toJSONSchema(schema, { io: 'input' }),
  }))
  return Response.json({ calculations: list })
}
