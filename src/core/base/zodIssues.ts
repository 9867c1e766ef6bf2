import type { InputIssue } from './InputError'
import type { z } from './schema'

/** A schema's complaints in the shape every wrong input takes; a field that is not known stands under its own name. */
export function zodIssues(error: z.ZodError): InputIssue[] {
  return error.issues.flatMap((issue) => {
    const path = issue.path.join('.')
    if (issue.code !== 'unrecognized_keys') return [{ path, message: issue.message }]
    return issue.keys.map((key) => ({
      path: path === '' ? key : `${path}.${key}`,
      message: 'A field of this name is not known here.',
    }))
  })
}
