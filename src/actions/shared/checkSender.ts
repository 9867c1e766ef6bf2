import { headers } from 'next/headers'
import { circumstances } from '@/services/access/circumstances'
import { requestGuard } from '@/services/access/requestGuard'

/** Why an action may not run for its sender; each action asks, whatever was asked before. */
export async function checkSender(): Promise<string | null> {
  const sent = await headers()
  const header = (name: string): string | null => sent.get(name)
  return requestGuard({ method: 'POST', path: '/', header }, circumstances(header, new Date()))?.sentence ?? null
}
