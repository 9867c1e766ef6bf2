import { archiveJsonSchema } from '@/records/archive/format/archiveSchema'

/** The JSON Schema of the open format. */
export function GET(): Response {
  return Response.json(archiveJsonSchema(), { headers: { 'content-type': 'application/schema+json' } })
}
