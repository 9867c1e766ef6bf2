'use client'

import { archiveLineAction } from '@/actions/hookup'
import { ArchiveButton } from '@/ui/shell/ArchiveButton'

/** Takes a line out of the lists; its tests and its history stay. */
export function ArchiveLineButton(props: { id: string; version: number; name: string }) {
  return <ArchiveButton {...props} what="line" home="/hookup" archive={archiveLineAction} />
}
