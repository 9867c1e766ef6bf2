'use client'

import { HistoryTable } from '@/app/shared/History'
import type { LogEntry } from './logEntries'
import { sharedLabels } from '@/ui/terms/sharedLabels'

/** Lines of the logbook; a mistake is voided with a reason and stays to be seen. */
export function LogTable({ entries }: { entries: readonly LogEntry[] }) {
  return <HistoryTable entries={entries} label={sharedLabels.logbook} />
}
