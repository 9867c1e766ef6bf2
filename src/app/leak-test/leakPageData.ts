import { redirect } from 'next/navigation'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { loadRigSnapshot } from '@/app/shared/pageData'
import type { LineSearch } from '@/app/hookup/hookupPageData'
import { linesOf, type StoredLine } from '@/services/hookup/lines'
import { holdTestsOf, type StoredHoldTest } from '@/services/leak-test/holdTests'
import { type LeakTest, soapTestsOf } from '@/services/leak-test/soapTests'

/** What every page of the leak test is given. */
export interface LeakPageData {
  rigId: string
  lines: readonly Pick<StoredLine, 'id' | 'name'>[]
  chosen: StoredLine | null
  /** Newest first, including voided ones. */
  tests: readonly LeakTest[]
  holds: readonly StoredHoldTest[]
  /** The present line differs from the one of the last valid test. */
  changedSince: boolean
}

/** The line the address names, else the first, with its tests. */
export async function leakPageData(search: LineSearch): Promise<LeakPageData> {
  const { rig } = loadRigSnapshot()
  if (!rig) redirect('/')
  const { line: asked } = await search
  const lines = linesOf(rig.id)
  const chosen = lines.find(({ id }) => id === asked) ?? lines[0] ?? null
  const tests = chosen ? soapTestsOf(chosen.id) : []
  const last = tests.find(({ voidedAt }) => voidedAt === null)
  return {
    rigId: rig.id,
    lines: lines.map(({ id, name }) => ({ id, name })),
    chosen,
    tests,
    holds: chosen ? holdTestsOf(chosen.id) : [],
    changedSince: chosen !== null && last !== undefined && last.fingerprint !== lineFingerprint(chosen.line),
  }
}
