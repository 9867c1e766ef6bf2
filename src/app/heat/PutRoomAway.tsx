'use client'

import { archiveRoomAction } from '@/actions/heat'
import { PutAway } from '@/ui/shell/PutAway'

/** Takes a room out of the lists; its warm-ups stay. */
export function PutRoomAway(props: { id: string; version: number; name: string }) {
  return <PutAway {...props} what="room" home="/heat" archive={archiveRoomAction} />
}
