import { z } from 'zod'
import type { InputIssue } from './InputError'

const typeLabels: Readonly<Record<string, string>> = {
  number: 'a number',
  string: 'a text',
  boolean: 'yes or no',
  object: 'an object with the fields named',
  array: 'a list',
  int: 'a whole number',
}

/** Turns a schema issue into a sentence; undefined keeps Zod's message. */
function sentence(issue: z.core.$ZodRawIssue): string | undefined {
  switch (issue.code) {
    case 'invalid_type': {
      const wanted = typeLabels[issue.expected] ?? issue.expected
      return issue.input === undefined ? `This is missing; it wants ${wanted}.` : `This wants ${wanted}.`
    }
    case 'unrecognized_keys':
      return `Not known here: ${issue.keys.join(', ')}.`
    case 'invalid_value':
      return `${issue.input === undefined ? 'This is missing; it' : 'This'} must be one of: ${issue.values.join(', ')}.`
    case 'too_small':
      return issue.origin === 'string'
        ? 'This cannot be left empty.'
        : `This must be ${issue.inclusive ? 'at least' : 'more than'} ${issue.minimum}.`
    case 'too_big':
      return issue.origin === 'string'
        ? `This is too long: at most ${issue.maximum} characters.`
        : `This must be at most ${issue.maximum}.`
    default:
      return undefined
  }
}

// The content security policy forbids compiling code from strings, which Zod would try.
z.config({ jitless: true, customError: sentence })

export { z }

/** Issues of a schema error in the form of InputError; an unknown field is reported under its own name. */
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
