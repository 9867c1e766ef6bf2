import { POST } from '@/app/api/v1/calc/[name]/route'

/** Calls a calculation route as an external program would. */
export async function call(name: string, body: unknown) {
  const request = new Request(`http://127.0.0.1/api/v1/calc/${name}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  const response = await POST(request, { params: Promise.resolve({ name }) })
  return { status: response.status, json: await response.json() }
}
