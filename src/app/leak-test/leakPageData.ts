import { redirect } from 'next/navigation'
import { lineFingerprint } from '@/core/hookup/line/lineChanges'
import { loadRigSnapshot } from '@/app/shared/rigSnapshot'
import { database } from '@/records/database'
import { listHoldTests, type StoredHoldTest } from '@/records/repositories/lines/holdTests'
import { listLeakTests, type LeakTest } from '@/records/repositories/lines/leakTests'
import { listLines, type StoredLine } from '@/records/repositories/lines/lines'
import type { LineSearch } from '@/app/hookup/hookupPageData'

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
  const records = database()
  const lines = listLines(records, rig.id)
  const chosen = lines.find(({ id }) => id === asked) ?? lines[0] ?? null
  const tests = chosen ? listLeakTests(records, chosen.id) : []
  const last = tests.find(({ voidedAt }) => voidedAt === null)
  return {
    rigId: rig.id,
    lines: lines.map(({ id, name }) => ({ id, name })),
    chosen,
    tests,
    holds: chosen ? listHoldTests(records, chosen.id) : [],
    changedSince: chosen !== null && last !== undefined && last.fingerprint !== lineFingerprint(chosen.line),
  }
}
