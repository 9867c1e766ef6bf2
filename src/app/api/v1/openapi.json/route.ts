import { openApi } from '@/app/api/v1/openApi'
import { programVersion } from '@/services/archive/exports'

/** The OpenAPI document of every calculation. */
export function GET(): Response {
  return Response.json(openApi(programVersion()))
}
