import { roomGear } from '@tests/heat'
import { fahrenheit } from '@tests/tradeUnits'
import type { Database } from '@/records/databaseType'
import { addRoom, addWarmUp } from '@/records/repositories/heat/rooms'

/** A warm-up that can be fitted. */
export const warmUpLog = {
  outsideK: 265,
  inputW: 2600,
  readings: [0, 1, 2, 3].map((i) => ({ timeS: i * 600, temperatureK: fahrenheit(30 + 8 * i) })),
  settings: [],
}

/** A room with one warm-up. */
export function warmedRoom(records: Database, rigId: string, loggedAt: string): void {
  const { id: roomId } = addRoom(records, rigId, { name: 'Saloon', shelter: roomGear().shelter })
  addWarmUp(records, { roomId, loggedAt, log: warmUpLog, settingKnown: true })
}
