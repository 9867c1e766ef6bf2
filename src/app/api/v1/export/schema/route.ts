import { archiveJsonSchema } from '@/services/archive/exports'

/** The JSON Schema of the open format. */
export function GET(): Response {
  return Response.json(archiveJsonSchema(), { headers: { 'content-type': 'application/schema+json' } })
}
