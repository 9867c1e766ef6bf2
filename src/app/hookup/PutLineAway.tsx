'use client'

import { archiveLineAction } from '@/actions/hookup'
import { PutAway } from '@/ui/shell/PutAway'

/** Takes a line out of the lists; its tests and its history stay. */
export function PutLineAway(props: { id: string; version: number; name: string }) {
  return <PutAway {...props} what="line" home="/hookup" archive={archiveLineAction} />
}
