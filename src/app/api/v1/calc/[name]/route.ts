import { problem } from '@/app/api/v1/problem'
import { readBody } from '@/app/api/v1/readBody'
import { calculations } from '@/app/api/v1/calc/calculations'
import { InputError } from '@/core/base/InputError'
import { z, zodIssues } from '@/core/base/zod'

/** Runs one calculation on a JSON body. */
export async function POST(request: Request, { params }: { params: Promise<{ name: string }> }): Promise<Response> {
  const { name } = await params
  const calculation = Object.hasOwn(calculations, name) ? calculations[name] : undefined
  if (!calculation) {
    return problem(404, `There is no calculation named so. There are: ${Object.keys(calculations).join(', ')}.`)
  }
  if (!/^application\/json\b/i.test(request.headers.get('content-type') ?? '')) {
    return problem(415, 'Send JSON, with the content type application/json.')
  }
  const body = await readBody(request, calculation.longestBody)
  if (body === null) return problem(413, `The body is too large: ${calculation.longestBody / 1024} KiB at most.`)

  try {
    return Response.json(calculation.run(JSON.parse(body.toString('utf8'))))
  } catch (error) {
    const title = 'The input is not right.'
    if (error instanceof SyntaxError) return problem(400, title, [{ path: '', message: 'This is not JSON.' }])
    if (error instanceof z.ZodError) return problem(400, title, zodIssues(error))
    if (error instanceof InputError) return problem(400, title, error.issues)
    throw error
  }
}
