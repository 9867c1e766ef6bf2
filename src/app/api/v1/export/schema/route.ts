import { worldJsonSchema } from '@/records/world/worldJsonSchema'

/** The JSON Schema of the open format. */
export function GET(): Response {
  return Response.json(worldJsonSchema(), { headers: { 'content-type': 'application/schema+json' } })
}
