import { z } from '@/core/base/zod'
import { worldSchema } from './worldSchema'

/** The open format as a JSON Schema, for other programs. */
export function worldJsonSchema(): object {
  return {
    title: 'Gold Kettle: an owner’s records, version 1',
    description:
      'SI units, named in each field; months are 2031-03, days 2026-12-04, moments ISO 8601. A row a line; keys in order.',
    ...z.toJSONSchema(worldSchema, { io: 'output', reused: 'ref', unrepresentable: 'any' }),
  }
}
