import { calculations } from '@/app/api/v1/calc/calculations'
import { z } from '@/core/base/zod'

const problemSchema = {
  type: 'object',
  required: ['title', 'status', 'issues'],
  properties: {
    title: { type: 'string' },
    status: { type: 'integer' },
    issues: {
      type: 'array',
      items: {
        type: 'object',
        required: ['path', 'message'],
        properties: { path: { type: 'string' }, message: { type: 'string' } },
      },
    },
  },
} as const

const refusal = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
})

/**
 * The calculation routes as an OpenAPI document, made from the schemas that check their input.
 *
 * @param version - of the program
 * @see OpenAPI Specification 3.1
 */
export function openApi(version: string): object {
  const paths = Object.entries(calculations).map(([name, { summary, schema }]) => {
    const { $schema: _, ...input } = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' })
    return [
      `/api/v1/calc/${name}`,
      {
        post: {
          operationId: name,
          summary,
          requestBody: { required: true, content: { 'application/json': { schema: input } } },
          responses: {
            200: {
              description: 'What came of it, in SI',
              content: { 'application/json': { schema: { type: 'object' } } },
            },
            400: refusal('The input is not right; each issue names its field'),
            413: refusal('The body is too large'),
            415: refusal('The body is not JSON'),
          },
        },
      },
    ] as const
  })
  return {
    openapi: '3.1.0',
    info: {
      title: 'Gold Kettle',
      version,
      description:
        'Calculations for portable propane and CO2 in a camper. SI units, named in each field; pressures absolute unless the name says gauge. Nothing here touches an owner’s records. A computed “ready” is never permission: manuals and local code come first.',
    },
    paths: Object.fromEntries(paths),
    components: { schemas: { Problem: problemSchema } },
  }
}
