'use client'

import { archiveRoomAction } from '@/actions/heat'
import { ArchiveButton } from '@/ui/shell/ArchiveButton'

/** Takes a room out of the lists; its warm-ups stay. */
export function ArchiveRoomButton(props: { id: string; version: number; name: string }) {
  return <ArchiveButton {...props} what="room" home="/heat" archive={archiveRoomAction} />
}
