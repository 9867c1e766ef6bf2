import type { InputIssue } from '@/core/base/InputError'

/**
 * An error answer.
 *
 * @param status - HTTP status
 * @param title - one sentence
 * @param issues - sentences by field
 * @see RFC 9457
 */
export function problem(status: number, title: string, issues: readonly InputIssue[] = []): Response {
  return Response.json({ title, status, issues }, { status, headers: { 'content-type': 'application/problem+json' } })
}
